package org.livelyladle.core.catalogue;

/** The body whose heating a cut resembles, with the number of full dimensions it takes [mm]. */
public enum Shape {
    SLAB(1),
    CYLINDER(1),
    SPHERE(1),
    HEMISPHERE(1),
    SHORT_CYLINDER(2),
    BRICK(3),
    LEAF(1),
    STRAND(1);

    private final int dimensions;

    Shape(int dimensions) {
        this.dimensions = dimensions;
    }

    public int dimensions() {
        return dimensions;
    }

    /** False for what is too thin or loose to have a core. */
    public boolean isHeated() {
        return this != LEAF && this != STRAND;
    }
}
