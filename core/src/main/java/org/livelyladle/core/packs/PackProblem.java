package org.livelyladle.core.packs;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * What is needed and what shops offer.
 *
 * @param wasteCentsPerKg what a kilogram bought too much is worth avoiding [cents/kg]
 */
public record PackProblem(List<Need> needs, List<PackOffer> offers, double wasteCentsPerKg, List<Cover> covers) {
    static final double MOST_GRAMS = 1_000_000;
    private static final double MOST_CENTS = 10_000_000;

    public PackProblem {
        needs = Check.distinct(Check.present(needs, "needs"), "needs", 500, Need::ingredient);
        offers = Check.distinct(Check.present(offers, "offers"), "offers", 5000, PackOffer::id);
        Check.range(wasteCentsPerKg, "wasteCentsPerKg", 0, MOST_CENTS);
        covers = Check.list(covers, "covers", 2000);
    }

    /** So many grams of an ingredient [g]. */
    public record Need(String ingredient, double grams) {
        public Need {
            Check.id(ingredient, "ingredient");
            Check.range(grams, "grams", 0, MOST_GRAMS);
        }
    }

    /**
     * A pack (grams and price) or loose goods (step and price per kilogram).
     *
     * @param grams weight of the pack [g]
     * @param priceCents price of the pack [cents]
     * @param stepGrams smallest step of loose goods [g]
     * @param priceCentsPerKg price of loose goods [cents/kg]
     */
    public record PackOffer(
            String id,
            String ingredient,
            @Nullable Double grams,
            @Nullable Double priceCents,
            @Nullable Double stepGrams,
            @Nullable Double priceCentsPerKg) {
        public PackOffer {
            Check.id(id, "id");
            Check.id(ingredient, "ingredient");
            boolean pack = grams != null && priceCents != null && stepGrams == null && priceCentsPerKg == null;
            boolean loose = grams == null && priceCents == null && stepGrams != null && priceCentsPerKg != null;
            if (!pack && !loose) {
                throw new InvalidInputException(
                        "grams", id, "either grams and priceCents (a pack) or stepGrams and priceCentsPerKg (loose)");
            }
            checkWeight(grams, "grams");
            checkWeight(stepGrams, "stepGrams");
            checkPrice(priceCents, "priceCents");
            checkPrice(priceCentsPerKg, "priceCentsPerKg");
        }

        /** A pack, or one step of loose goods taken for a pack [g, cents]. */
        public static PackOffer unit(String id, String ingredient, double grams, double cents) {
            return new PackOffer(id, ingredient, grams, cents, null, null);
        }

        private static void checkWeight(@Nullable Double grams, String field) {
            if (grams != null) {
                Check.range(grams, field, 0.1, MOST_GRAMS);
                if (Math.abs(grams * 10 - Math.rint(grams * 10)) > 1e-6) {
                    throw new InvalidInputException(field, grams, "a weight to a tenth of a gram");
                }
            }
        }

        private static void checkPrice(@Nullable Double cents, String field) {
            if (cents != null) {
                Check.range(cents, field, 0, MOST_CENTS);
            }
        }

        /** Weight of one pack or one step [g]. */
        public double unitGrams() {
            return grams != null ? grams : java.util.Objects.requireNonNull(stepGrams);
        }

        /** Unrounded price of one pack or one step [cents]. */
        public double unitCents() {
            return stepGrams != null && priceCentsPerKg != null
                    ? stepGrams * priceCentsPerKg / 1000
                    : java.util.Objects.requireNonNull(priceCents);
        }
    }

    /** Up to so many grams of one ingredient may be eaten instead of another that is short, gram for gram [g]. */
    public record Cover(String shortOf, String by, double maxGrams) {
        public Cover {
            Check.id(shortOf, "shortOf");
            Check.id(by, "by");
            Check.range(maxGrams, "maxGrams", 0, MOST_GRAMS);
            if (shortOf.equals(by)) {
                throw new InvalidInputException("by", by, "another ingredient than '" + shortOf + "'");
            }
        }
    }
}
