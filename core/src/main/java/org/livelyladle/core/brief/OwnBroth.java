package org.livelyladle.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Mark;

/**
 * A broth by the household's own recipe. Parts are of the catalogue or of the household's own ingredients.
 *
 * @param makesMl what the recipe makes [ml]
 * @param saltPercent salt as made [g per 100 g]
 * @param heat how hot it is to the tongue; very hot when nobody has said
 * @param recipeUrl where it was read; the host's own when left out
 * @param base another broth in it; water alone when left out
 * @param waterMl water to start with [ml]; what it makes less the base, and what simmering takes, when left out
 * @param source how one comes by it; from scratch when left out
 */
public record OwnBroth(
        String id,
        String name,
        @Within(min = 200, max = 50000) double makesMl,
        @Within(min = 0, max = 5) double saltPercent,
        @Usual("HOT") Heat heat,
        @Key("ingredient") List<OwnPart> parts,
        @Usual("[]") List<OwnStep> steps,
        @Nullable String recipeUrl,
        @Nullable OwnBase base,
        @Within(min = 0, max = 100000) @Nullable Double waterMl,
        @Usual("SCRATCH") Broth.Source source) {
    private static final Ranges RANGES = Ranges.of(OwnBroth.class);
    private static final double LITRE_ML = 1000;
    /** Simmering with the lid ajar takes about this much with it [1]; memory. */
    private static final double LOST_SHARE = 0.15;
    /** Fishing out, or stirring in off the heat; memory [min]. */
    private static final double LAST_MINUTES = 2;

    private static final String TINT = "own";

    public OwnBroth {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 60);
        RANGES.check("makesMl", makesMl);
        RANGES.check("saltPercent", saltPercent);
        parts = Check.distinct(parts, "parts", 40, OwnPart::ingredient);
        if (parts.isEmpty() && base == null) {
            throw new InvalidInputException("parts", "none", "one ingredient at least, or another broth in it");
        }
        steps = Check.list(steps, "steps", 30);
        if (recipeUrl != null) {
            recipeUrl = Check.text(recipeUrl, "recipeUrl", 300);
        }
        RANGES.check("waterMl", waterMl);
        if (base != null) {
            Check.range(base.ml, "base.ml", 10, 2 * makesMl);
        }
    }

    /** A broth of parts and steps alone. */
    public static OwnBroth of(
            String id,
            String name,
            double makesMl,
            double saltPercent,
            Heat heat,
            List<OwnPart> parts,
            List<OwnStep> steps) {
        return new OwnBroth(id, name, makesMl, saltPercent, heat, parts, steps, null, null, null, Broth.Source.SCRATCH);
    }

    /** So much of another broth goes in [ml]. */
    public record OwnBase(String broth, double ml) {
        public OwnBase {
            Check.id(broth, "broth");
        }
    }

    /** When a part goes in, and whether it stays. */
    public enum Adding {
        /** With what simmers, and served with it. */
        COOKED,
        /** With what simmers, and fished out before it is served. */
        TAKEN_OUT,
        /** Once it is off the heat: acid, delicate pastes. */
        OFF_THE_HEAT,
        /** Set beside the pot and stirred in by the spoon, half at first, more with each refill. */
        AT_THE_TABLE
    }

    /**
     * An ingredient and how much of it the recipe takes [g].
     *
     * @param scaling how it grows with the pot; as the pot does when left out
     * @param pieceGrams weight of one whole piece, where it is counted; {@value Broth.Part#DROP_GRAMS} for drops [g]
     * @param adding {@link Adding#COOKED} when left out
     */
    public record OwnPart(
            String ingredient,

            @Within(min = Broth.Part.DROP_GRAMS, max = 20000)
            double grams,

            @Usual("LINEAR") Broth.Scaling scaling,

            @Within(min = Broth.Part.DROP_GRAMS, max = 5000) @Nullable
            Double pieceGrams,

            @Usual("COOKED") Adding adding) {
        private static final Ranges RANGES = Ranges.of(OwnPart.class);

        public OwnPart {
            Check.id(ingredient, "ingredient");
            RANGES.check("grams", grams);
            RANGES.check("pieceGrams", pieceGrams);
        }

        public static OwnPart of(String ingredient, double grams) {
            return new OwnPart(ingredient, grams, Broth.Scaling.LINEAR, null, Adding.COOKED);
        }

        private Broth.Part perLitre(double litres) {
            return new Broth.Part(ingredient, grams / litres, scaling, pieceGrams);
        }
    }

    /**
     * A step and how long it takes [min]; whether somebody has to stand by.
     *
     * @param minutesPerLitre added by each litre [min/l]; nothing when left out
     * @param at what it takes up; a ring when left out
     * @param caution said with it; none when left out
     */
    public record OwnStep(
            String text,
            @Within(min = 0, max = 1440) double minutes,
            boolean passive,
            @Within(min = 0, max = 240) @Usual("0") double minutesPerLitre,
            @Usual("RING") Station at,
            @Nullable String caution) {
        private static final Ranges RANGES = Ranges.of(OwnStep.class);

        public OwnStep {
            text = Check.text(text, "text", 300);
            RANGES.check("minutes", minutes);
            RANGES.check("minutesPerLitre", minutesPerLitre);
            caution = caution == null || caution.isEmpty() ? null : Check.text(caution, "caution", 200);
        }

        public static OwnStep of(String text, double minutes, boolean passive) {
            return new OwnStep(text, minutes, passive, 0, Station.RING, null);
        }

        private Broth.BrothStep as(String id) {
            return new Broth.BrothStep(
                    id, text, minutes, minutesPerLitre, passive, at, Objects.requireNonNullElse(caution, ""));
        }
    }

    /** The same broth of other parts. */
    public OwnBroth of(List<OwnPart> parts) {
        return new OwnBroth(id, name, makesMl, saltPercent, heat, parts, steps, recipeUrl, base, waterMl, source);
    }

    /** The catalogue with these broths in it. */
    public static Catalogue putInto(Catalogue catalogue, List<OwnBroth> own) {
        return catalogue.withBroths(
                own.stream().map(broth -> broth.asBroth(catalogue)).toList());
    }

    private Broth asBroth(Catalogue catalogue) {
        double litres = makesMl / LITRE_ML;
        double baseMl = base == null ? 0 : base.ml;
        double water = waterMl == null ? Math.max(0, makesMl * (1 + LOST_SHARE) - baseMl) : waterMl;
        return new Broth(
                id,
                name,
                "your own recipe",
                TINT,
                heat,
                saltPercent,
                source,
                water / litres,
                base == null ? null : new Broth.Base(base.broth, baseMl / litres),
                parts.stream().map(part -> part.perLitre(litres)).toList(),
                steps(catalogue),
                Mark.HOST);
    }

    private List<Broth.BrothStep> steps(Catalogue catalogue) {
        List<OwnStep> all = new ArrayList<>(steps);
        last(Adding.TAKEN_OUT, "Take out: ", Station.SINK, catalogue).ifPresent(all::add);
        last(Adding.OFF_THE_HEAT, "Off the heat, stir in: ", Station.NONE, catalogue)
                .ifPresent(all::add);
        last(Adding.AT_THE_TABLE, "Set beside the pot, half at first, more with each refill: ", Station.NONE, catalogue)
                .ifPresent(all::add);
        List<Broth.BrothStep> made = new ArrayList<>();
        for (OwnStep step : all) {
            made.add(step.as("step-" + (made.size() + 1)));
        }
        return made;
    }

    private Optional<OwnStep> last(Adding adding, String what, Station at, Catalogue catalogue) {
        List<String> names = parts.stream()
                .filter(part -> part.adding == adding)
                .map(part -> catalogue
                        .findIngredient(part.ingredient)
                        .map(found -> KitchenText.lower(found.name()))
                        .orElse(part.ingredient))
                .toList();
        return names.isEmpty()
                ? Optional.empty()
                : Optional.of(new OwnStep(what + String.join(", ", names), LAST_MINUTES, false, 0, at, null));
    }
}
