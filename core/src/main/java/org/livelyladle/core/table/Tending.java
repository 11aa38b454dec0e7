package org.livelyladle.core.table;

/** Who looks after a drop while it is in the broth. */
public enum Tending {
    /** The eater holds it: one slice after another, in the eater's own time. */
    DIP,
    /** Somebody puts it in and takes it out for everybody it is for, or it is fished piece by piece. */
    SHARED
}
