package org.livelyladle.core.catalogue;

import java.util.List;
import org.livelyladle.core.measure.Mark;

/**
 * A broth by its parts per litre.
 *
 * @param tint name of its colour and pattern on the screens
 * @param saltPercent salt as made [g per 100 g]
 */
public record Broth(
        String id,
        String name,
        String remark,
        String tint,
        Heat heat,
        double saltPercent,
        List<Part> parts,
        List<BrothStep> steps,
        Mark mark) {

    public Broth {
        parts = List.copyOf(parts);
        steps = List.copyOf(steps);
    }

    /** An ingredient with its grams for each litre of broth [g/l]. */
    public record Part(String ingredient, double gramsPerLitre) {}

    /**
     * One step of making it.
     *
     * @param minutes time for any amount [min]
     * @param minutesPerLitre time added by each litre [min/l]
     * @param passive true when nobody has to stand by
     */
    public record BrothStep(
            String id, String text, double minutes, double minutesPerLitre, boolean passive, String caution) {}
}
