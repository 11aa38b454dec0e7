package org.livelyladle.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.measure.Mark;

/**
 * A broth by the household's own recipe. Parts are of the catalogue or of the household's own ingredients.
 *
 * @param makesMl what the recipe makes [ml]
 * @param saltPercent salt as made [g per 100 g]
 * @param heat how hot it is to the tongue; very hot when nobody has said
 * @param recipeUrl where it was read; the host's own when left out
 */
public record OwnBroth(
        String id,
        String name,
        double makesMl,
        double saltPercent,
        @Nullable Heat heat,
        List<OwnPart> parts,
        List<OwnStep> steps,
        @Nullable String recipeUrl) {
    private static final double LITRE_ML = 1000;
    /** Simmering with the lid ajar takes about this much with it [1]; memory. */
    private static final double LOST_SHARE = 0.15;

    private static final String TINT = "own";

    public OwnBroth {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 60);
        Check.range(makesMl, "makesMl", 200, 50_000);
        Check.range(saltPercent, "saltPercent", 0, 5);
        parts = Check.distinct(parts, "parts", 40, OwnPart::ingredient);
        if (parts.isEmpty()) {
            throw new InvalidInputException("parts", "none", "one ingredient at least");
        }
        steps = Check.list(Objects.requireNonNullElse(steps, List.of()), "steps", 30);
        if (recipeUrl != null) {
            recipeUrl = Check.text(recipeUrl, "recipeUrl", 300);
        }
    }

    /** An ingredient and how much of it the recipe takes [g]. */
    public record OwnPart(String ingredient, double grams) {
        public OwnPart {
            Check.id(ingredient, "ingredient");
            Check.range(grams, "grams", 0.1, 20_000);
        }
    }

    /** A step and how long it takes [min]; whether somebody has to stand by. It is taken to need a ring. */
    public record OwnStep(String text, double minutes, boolean passive) {
        public OwnStep {
            text = Check.text(text, "text", 300);
            Check.range(minutes, "minutes", 0, 1440);
        }
    }

    /** The same broth of other parts. */
    public OwnBroth of(List<OwnPart> parts) {
        return new OwnBroth(id, name, makesMl, saltPercent, heat, parts, steps, recipeUrl);
    }

    /** The catalogue with these broths in it. */
    public static Catalogue putInto(Catalogue catalogue, List<OwnBroth> own) {
        return catalogue.withBroths(own.stream().map(OwnBroth::asBroth).toList());
    }

    private Broth asBroth() {
        double litres = makesMl / LITRE_ML;
        List<Broth.BrothStep> made = new ArrayList<>();
        for (OwnStep step : steps) {
            made.add(new Broth.BrothStep(
                    "step-" + (made.size() + 1), step.text(), step.minutes(), 0, step.passive(), Station.RING, ""));
        }
        return new Broth(
                id,
                name,
                "your own recipe",
                TINT,
                Objects.requireNonNullElse(heat, Heat.HOT),
                saltPercent,
                Broth.Source.SCRATCH,
                LITRE_ML * (1 + LOST_SHARE),
                null,
                parts.stream()
                        .map(part ->
                                new Broth.Part(part.ingredient(), part.grams() / litres, Broth.Scaling.LINEAR, null))
                        .toList(),
                made,
                Mark.HOST);
    }
}
