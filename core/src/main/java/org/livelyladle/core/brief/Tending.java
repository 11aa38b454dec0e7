package org.livelyladle.core.brief;

/** Who looks after food while it is in the broth. */
public enum Tending {
    /** The eater holds it: one slice after another, in the eater's own time. */
    DIP,
    /** Each eater's pieces go in together in a basket of their own, and the eater takes them out. */
    BASKET,
    /** Somebody puts it in and takes it out for everybody it is for, or it is fished piece by piece. */
    SHARED,
    /** The eater browns it on the hot plate and slides it into the broth around it; said by a pot, not by a dish. */
    PLATE
}
