package org.livelyladle.core.catalogue;

/** The state in which something is bought, or lies at home. */
public enum Bought {
    /** As it grew or was caught: all of its steps are done at home. */
    WHOLE,
    /** Cut by the shop: it is neither half-frozen nor sliced, but still washed, soaked or thawed. */
    CUT,
    /** Ready for the table: washed, cut, soaked. */
    READY
}
