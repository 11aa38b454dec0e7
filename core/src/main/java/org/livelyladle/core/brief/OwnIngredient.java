package org.livelyladle.core.brief;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Choking;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.catalogue.Times;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.measure.Mark;

/**
 * An ingredient of the household, or what the household knows better of one of the catalogue (same id). In a
 * correction, what is null stays as the catalogue says. In a new ingredient, what is null and matters for safety counts
 * as the strictest: it may hold every allergen, comes from an animal, holds pork, beef and alcohol.
 *
 * @param aisle where it is bought; dry goods when unknown
 * @param edibleShare part of the bought weight that reaches the table [1]
 * @param keepsDays how long it keeps once bought [d]; 0 when unknown
 * @param cut how it comes to the table; needed for a new ingredient that is served
 * @param beside what it is beside the pots, for something of the larder; nothing when left out
 */
public record OwnIngredient(
        String id,
        String name,
        Category category,
        @Nullable Aisle aisle,
        @Nullable Origin origin,
        @Key({}) @Nullable Set<Allergen> allergens,
        @Key({}) @Nullable Set<Trait> traits,
        @Within(min = 0.05, max = 4) @Nullable Double edibleShare,
        @Within(min = 0, max = 3650) @Nullable Integer keepsDays,
        @Nullable OwnCut cut,
        Extra.@Nullable Kind beside) {
    private static final Ranges RANGES = Ranges.of(OwnIngredient.class);
    private static final double WATER_G_PER_ML = 1;
    /** Memory. */
    private static final int GLASS_ML = 250;

    public OwnIngredient {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 60);
        Check.present(category, "category");
        RANGES.check("edibleShare", edibleShare);
        RANGES.check("keepsDays", keepsDays);
        if (cut != null && category == Category.LARDER) {
            throw new InvalidInputException("cut", cut.name(), "no cut for larder goods, which are not served");
        }
        if (beside != null && category != Category.LARDER) {
            throw new InvalidInputException(
                    "beside", beside, "nothing: only what is of the larder stands beside the pots");
        }
        allergens = allergens == null ? null : Check.ordered(allergens, Allergen.class);
        traits = traits == null ? null : Check.ordered(traits, Trait.class);
    }

    /** Food that does not stand beside the pots. */
    public static OwnIngredient of(
            String id,
            String name,
            Category category,
            @Nullable Aisle aisle,
            @Nullable Origin origin,
            @Nullable Set<Allergen> allergens,
            @Nullable Set<Trait> traits,
            @Nullable Double edibleShare,
            @Nullable Integer keepsDays,
            @Nullable OwnCut cut) {
        return new OwnIngredient(
                id, name, category, aisle, origin, allergens, traits, edibleShare, keepsDays, cut, null);
    }

    /**
     * How an own ingredient comes to the table.
     *
     * @param pieceGrams weight of one piece [g]; null for what is served by weight
     * @param readySeconds from when it is pleasant and cooked through [s after putting in]
     * @param bestUntilSeconds until when it is at its best [s]
     * @param rawRisk why it must be cooked through; the strictest when unknown
     * @param like a cut of the catalogue it is like: its shape, size, weight, window, risk and steps are taken, and the
     *     times and the risk here are not; none when left out
     * @param frozen it comes frozen and goes in so, the times being those of its packet; false when left out
     */
    public record OwnCut(
            String name,
            @Within(min = 0.5, max = 500) @Nullable Double pieceGrams,
            @Within(min = 1, max = 7200) int readySeconds,
            @Within(min = 1, max = 7200) int bestUntilSeconds,
            @Nullable RawRisk rawRisk,
            @Nullable String like,
            @Usual("false") boolean frozen) {
        private static final Ranges RANGES = Ranges.of(OwnCut.class);

        public OwnCut {
            name = Check.textOrNone(name, "name", 60);
            RANGES.check("pieceGrams", pieceGrams);
            RANGES.check("readySeconds", readySeconds);
            RANGES.check("bestUntilSeconds", bestUntilSeconds, readySeconds);
            if (like != null) {
                Check.id(like, "like");
                if (pieceGrams != null) {
                    throw new InvalidInputException(
                            "pieceGrams",
                            pieceGrams,
                            "none: a piece weighs as one of what it is like, for which its time is");
                }
            }
        }

        /** Nobody has said how soon it is ruined: as long after its best as its best lasts. */
        private int overcookedSeconds() {
            return Math.max(bestUntilSeconds + 1, 2 * bestUntilSeconds - readySeconds);
        }
    }

    /** The catalogue with these ingredients in it. */
    public static Catalogue putInto(Catalogue catalogue, List<OwnIngredient> own) {
        List<Ingredient> ingredients = new ArrayList<>();
        List<Cut> cuts = new ArrayList<>();
        for (OwnIngredient item : own) {
            Optional<Ingredient> known = catalogue.findIngredient(item.id);
            ingredients.add(item.asIngredient(known));
            if (item.cut != null && known.map(Ingredient::category).orElse(item.category) == Category.LARDER) {
                throw new InvalidInputException(
                        "ownIngredients." + item.id + ".cut",
                        item.cut.name(),
                        "no cut for what the catalogue has in the larder; give it another id");
            }
            if (item.cut != null) {
                cuts.add(item.asCut(item.cut, catalogue));
            } else if (known.isEmpty() && item.category != Category.LARDER) {
                throw new InvalidInputException(
                        "ownIngredients." + item.id + ".cut",
                        "missing",
                        "how it is cut and cooked, since it is served");
            }
        }
        return catalogue
                .with(ingredients, cuts)
                .withExtras(own.stream().flatMap(OwnIngredient::asExtra).toList());
    }

    /** The id of its own cut, if it has one. */
    public String cutId() {
        return id + ".own";
    }

    private Ingredient asIngredient(Optional<Ingredient> known) {
        return new Ingredient(
                id,
                name,
                known.map(Ingredient::category).orElse(category),
                either(origin, known.map(Ingredient::origin).orElse(Origin.MEAT)),
                either(allergens, known.map(Ingredient::allergens).orElse(EnumSet.allOf(Allergen.class))),
                either(traits, known.map(Ingredient::traits).orElse(EnumSet.allOf(Trait.class))),
                either(aisle, known.map(Ingredient::aisle).orElse(Aisle.DRY)),
                either(edibleShare, known.map(Ingredient::edibleShare).orElse(1.0)),
                known.map(Ingredient::densityGPerMl).orElse(WATER_G_PER_ML),
                either(keepsDays, known.map(Ingredient::keepsDays).orElse(0)),
                known.map(Ingredient::oneGrams).orElse(null),
                known.map(Ingredient::oneCalled).orElse(""),
                Mark.HOST,
                known.map(Ingredient::alsoCalled).orElse(List.of()),
                known.map(Ingredient::remark).orElse(unknown()));
    }

    /** What nobody has said and what that means, for whoever wonders why it suits nobody. */
    private String unknown() {
        List<String> missing = new ArrayList<>();
        if (allergens == null) {
            missing.add("allergens");
        }
        if (origin == null) {
            missing.add("origin");
        }
        if (traits == null) {
            missing.add("pork, beef and alcohol");
        }
        return missing.isEmpty()
                ? ""
                : "Not said: " + String.join(", ", missing) + ". It counts as the strictest until you say.";
    }

    /** What may hold alcohol is for adults. */
    private Stream<Extra> asExtra() {
        boolean adultsOnly = traits == null || traits.contains(Trait.ALCOHOL);
        return Stream.ofNullable(beside)
                .map(kind -> new Extra(
                        id,
                        kind,
                        adultsOnly,
                        1,
                        kind.isPoured() ? Extra.Served.CHILL : Extra.Served.SET_OUT,
                        kind.isPoured() ? GLASS_ML : null,
                        Mark.HOST));
    }

    private Cut asCut(OwnCut own, Catalogue catalogue) {
        if (own.like != null) {
            return catalogue
                    .findCut(own.like)
                    .orElseThrow(() -> new InvalidInputException(
                            "ownIngredients." + id + ".cut.like", own.like, "the id of a cut of the catalogue"))
                    .ownedAs(cutId(), id, own.name);
        }
        RawRisk risk = either(own.rawRisk, RawRisk.FILLED);
        return new Cut(
                cutId(),
                id,
                own.name,
                Shape.SLAB,
                List.of(10.0),
                own.frozen ? StartState.FROZEN : StartState.CHILLED,
                own.pieceGrams,
                new Times(
                        own.readySeconds,
                        risk == RawRisk.NONE ? 0 : own.readySeconds,
                        own.bestUntilSeconds,
                        own.overcookedSeconds()),
                null,
                risk == RawRisk.NONE ? "done as you like it" : "cooked right through",
                false,
                Governed.STATED,
                null,
                0,
                risk,
                risk == RawRisk.NONE ? null : risk.minimumCoreC(),
                risk == RawRisk.NONE ? "" : "USDA FSIS safe minimum internal temperatures",
                Choking.ROUND,
                List.of(),
                1,
                1,
                List.of(),
                Bought.WHOLE,
                false,
                Mark.HOST);
    }

    private static <T> T either(@Nullable T said, T otherwise) {
        return Objects.requireNonNullElse(said, otherwise);
    }
}
