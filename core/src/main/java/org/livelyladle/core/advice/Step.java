package org.livelyladle.core.advice;

/** The steps of the work, where cautions and open questions belong. */
public enum Step {
    GUESTS,
    POTS,
    INGREDIENTS,
    SAUCES,
    SHOPPING,
    PREP,
    TABLE
}
