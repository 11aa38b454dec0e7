package org.livelyladle.core.kettle;

/**
 * Something poured in, hot.
 *
 * @param stirredG salt or paste stirred in with it, as salt [g]
 */
public record Pouring(Kind kind, double ml, double stirredG) {
    /** What is poured in. */
    public enum Kind {
        WATER,
        RESERVE,
        /** Reserve with salt, or salt alone at the start. */
        SEASONED
    }
}
