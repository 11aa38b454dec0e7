package org.livelyladle.core.brief;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * What a shop asks for an ingredient: a pack (grams and price) or loose goods (step and price per kilogram).
 *
 * @param grams weight of the pack [g]
 * @param priceCents price of the pack [cents]
 * @param stepGrams smallest step of loose goods [g]
 * @param priceCentsPerKg price of loose goods [cents/kg]
 * @param bought the state it is sold in; any when left out
 * @param asOf when somebody saw this price; as all the prices when left out
 */
public record Offer(
        String id,
        String shop,
        String ingredient,
        String name,
        @Within(min = 1, max = 50000) @Nullable Integer grams,
        @Within(min = 0, max = 1000000) @Nullable Integer priceCents,
        @Within(min = 1, max = 50000) @Nullable Integer stepGrams,
        @Within(min = 0, max = 1000000) @Nullable Integer priceCentsPerKg,
        @Nullable Bought bought,
        @Nullable LocalDate asOf) {
    private static final Ranges RANGES = Ranges.of(Offer.class);
    private static final int MOST_CENTS = 1_000_000;
    private static final int GRAMS_PER_KG = 1000;

    public Offer {
        Check.ownId(id, "id");
        Check.id(shop, "shop");
        Check.id(ingredient, "ingredient");
        name = Check.text(name, "name", 60);
        boolean pack = grams != null && priceCents != null && stepGrams == null && priceCentsPerKg == null;
        boolean loose = grams == null && priceCents == null && stepGrams != null && priceCentsPerKg != null;
        if (!pack && !loose) {
            throw new InvalidInputException(
                    "grams", id, "either grams and priceCents (a pack) or stepGrams and priceCentsPerKg (loose)");
        }
        RANGES.check("grams", grams);
        RANGES.check("priceCents", priceCents);
        RANGES.check("stepGrams", stepGrams);
        RANGES.check("priceCentsPerKg", priceCentsPerKg);
        if (loose && stepGrams * (long) priceCentsPerKg / GRAMS_PER_KG > MOST_CENTS) {
            throw new InvalidInputException(
                    "priceCentsPerKg",
                    priceCentsPerKg,
                    "at most " + MOST_CENTS + " cents for a step of " + stepGrams + " g");
        }
    }

    /** A price as old as all the others. */
    public Offer(
            String id,
            String shop,
            String ingredient,
            String name,
            @Nullable Integer grams,
            @Nullable Integer priceCents,
            @Nullable Integer stepGrams,
            @Nullable Integer priceCentsPerKg,
            @Nullable Bought bought) {
        this(id, shop, ingredient, name, grams, priceCents, stepGrams, priceCentsPerKg, bought, null);
    }

    /** Sold in any state. */
    public Offer(
            String id,
            String shop,
            String ingredient,
            String name,
            @Nullable Integer grams,
            @Nullable Integer priceCents,
            @Nullable Integer stepGrams,
            @Nullable Integer priceCentsPerKg) {
        this(id, shop, ingredient, name, grams, priceCents, stepGrams, priceCentsPerKg, null);
    }

    private static void checkRange(@Nullable Integer value, String field, int min, int max) {
        if (value != null) {
            Check.range(value, field, min, max);
        }
    }

    /** Whether it will do for who wants it in a state. */
    public boolean isSoldAs(Bought state) {
        return bought == null || bought == state;
    }

    public boolean soldLoose() {
        return stepGrams != null;
    }

    /** Weight of one pack or one step [g]. */
    public int unitGrams() {
        return stepGrams != null ? stepGrams : java.util.Objects.requireNonNull(grams);
    }

    /** Unrounded price of one pack or one step [cents]. */
    public double unitCents() {
        return stepGrams != null && priceCentsPerKg != null
                ? stepGrams * (double) priceCentsPerKg / 1000
                : java.util.Objects.requireNonNull(priceCents);
    }
}
