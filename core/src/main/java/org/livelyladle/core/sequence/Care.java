package org.livelyladle.core.sequence;

/** How much is done for a sequence. */
public enum Care {
    /** Everything has a place where it may be: enough to know who is fed. */
    QUICK,
    /** The same, with what speaks against other times. */
    PLACED,
    /** Better moments are looked for until nothing moves. */
    FULL
}
