package org.livelyladle.core.heat;

import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** Shapes whose heating is computed, with the full dimensions each takes [mm]. */
public enum Body {
    /** Thickness; heated from both faces, the edges left out. */
    SLAB("slab", 1, "[thickness]"),
    /** Diameter; much longer than wide. */
    CYLINDER("cylinder", 1, "[diameter]"),
    /** Diameter. */
    SPHERE("sphere", 1, "[diameter]"),
    /** Diameter, height. */
    SHORT_CYLINDER("shortCylinder", 2, "[diameter, height]"),
    /** Three edges. */
    BRICK("brick", 3, "[a, b, c]");

    private static final double LEAST_MM = 0.1;
    private static final double MOST_MM = 400;

    private final String label;
    private final int dimensions;
    private final String accepted;

    Body(String label, int dimensions, String accepted) {
        this.label = label;
        this.dimensions = dimensions;
        this.accepted = accepted;
    }

    /** The name in the interface. */
    public String label() {
        return label;
    }

    static Body named(String label) {
        for (Body body : values()) {
            if (body.label.equals(label)) {
                return body;
            }
        }
        throw new InvalidInputException(
                "shape", label == null ? "missing" : label, "slab, cylinder, sphere, shortCylinder or brick");
    }

    void checkDimensions(List<Double> mm) {
        if (mm.size() != dimensions) {
            throw new InvalidInputException("dimensionsMm", mm.size() + " numbers", dimensions + ": " + accepted);
        }
        for (int i = 0; i < mm.size(); i++) {
            Check.range(mm.get(i), "dimensionsMm[" + i + "]", LEAST_MM, MOST_MM);
        }
    }
}
