package org.livelyladle.core.brief;

/** How fast people eat over the meal. */
public enum Tempo {
    /** Hungry when they sit down, slower later. */
    BRISK,
    /** The same all along. */
    EVEN
}
