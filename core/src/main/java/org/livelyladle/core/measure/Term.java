package org.livelyladle.core.measure;

import org.jspecify.annotations.Nullable;

/**
 * One line of a working.
 *
 * @param figureId the figure this term repeats, which opens in turn; null for a value of its own
 * @param source who says so: a publication, the catalogue, the host
 */
public record Term(
        String label, @Nullable String figureId, double value, String unit, String text, String source, Mark mark) {

    public static Term of(String label, Figure figure) {
        return new Term(label, figure.id(), figure.value(), figure.unit(), figure.text(), "", Mark.COMPUTED);
    }

    public static Term of(String label, double value, String unit, String text, String source, Mark mark) {
        return new Term(label, null, value, unit, text, source, mark);
    }
}
