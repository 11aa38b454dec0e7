package org.livelyladle.core.measure;

import static java.util.Objects.requireNonNull;

/**
 * One computed number with the id under which its working can be asked for. Immutable.
 *
 * @param id stable within a brief, such as {@code portion.ada.tofu-firm}
 * @param value exact, in {@code unit}
 * @param unit g, ml, s, min, cents, pieces or 1
 * @param text rounded for a kitchen, in the brief's units
 */
public record Figure(String id, double value, String unit, String text) {
    public Figure {
        requireNonNull(id, "id");
        requireNonNull(unit, "unit");
        requireNonNull(text, "text");
        if (!Double.isFinite(value)) {
            throw new ArithmeticException("Figure " + id + " is not a finite number: " + value);
        }
    }
}
