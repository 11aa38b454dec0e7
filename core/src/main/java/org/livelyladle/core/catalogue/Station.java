package org.livelyladle.core.catalogue;

/** What a kitchen task takes up besides hands. */
public enum Station {
    NONE("worktop"),
    VEGETABLE_BOARD("board for vegetables"),
    RAW_MEAT_BOARD("board for raw meat"),
    RAW_FISH_BOARD("board for raw fish"),
    SINK("sink"),
    RING("ring"),
    OVEN("oven"),
    FRIDGE("fridge"),
    FREEZER("freezer");

    private final String label;

    Station(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    public boolean isBoard() {
        return this == VEGETABLE_BOARD || isRaw();
    }

    /** A board that must be washed before anything else is cut on it. */
    public boolean isRaw() {
        return this == RAW_MEAT_BOARD || this == RAW_FISH_BOARD;
    }

    /** Lit: somebody has to be at home. */
    public boolean isLit() {
        return this == RING || this == OVEN;
    }

    /** Measured in litres of room. */
    public boolean isCold() {
        return this == FRIDGE || this == FREEZER;
    }
}
