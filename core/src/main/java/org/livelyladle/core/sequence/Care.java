package org.livelyladle.core.sequence;

/** How much is done for a sequence. */
public enum Care {
    /** Everything has a place where it may be: enough to know who is fed. */
    QUICK,
    /** Better moments are looked for until nothing moves. */
    FULL
}
