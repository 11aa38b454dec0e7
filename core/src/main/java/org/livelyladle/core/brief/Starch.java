package org.livelyladle.core.brief;

/** When noodles, rice and dumplings come. */
public enum Starch {
    FIRST,
    HALF_WAY,
    LAST,
    /** Cooked in the kitchen and laid into the bowls: it never goes into a pot. */
    IN_THE_BOWL
}
