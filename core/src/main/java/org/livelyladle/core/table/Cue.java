package org.livelyladle.core.table;

import org.jspecify.annotations.Nullable;

/**
 * Something a minder does for others; what eaters dip, mind and fish out themselves is none.
 *
 * @param at when [s from sitting down]
 * @param latest after this it is late [s from sitting down]
 * @param minder the cook or guest who does it; null where nobody can
 * @param drop of which drop; null for what is done to a side or a pot
 * @param side in which side; of what is done to a whole pot its first
 * @param text what to do, as one says it
 */
public record Cue(
        int at,
        int latest,
        @Nullable String minder,
        Act act,
        @Nullable String drop,
        String side,
        String text) {

    /** The same, seen to by somebody else. */
    public Cue mindedBy(String other) {
        return new Cue(at, latest, other, act, drop, side, text);
    }

    /** The same at another moment [s from sitting down]. */
    public Cue doneAt(int moment) {
        return new Cue(moment, latest, minder, act, drop, side, text);
    }

    /** What is done. */
    public enum Act {
        PUT_IN,
        /** Slices dipped for somebody who does not hold them into a pot, a child. */
        DIP_FOR,
        TAKE_OUT,
        POUR,
        SKIM,
        HEAT,
        TASTE,
        /** Soup is ladled for everybody. */
        SOUP,
        /** The other half of what is raw comes from the fridge. */
        SECOND_PLATES,
        ENDING
    }
}
