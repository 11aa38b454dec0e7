package org.livelyladle.core.catalogue;

/**
 * Times in simmering broth at sea level [s after putting in].
 *
 * @param pleasant from when it is good to eat
 * @param safe from when it is safe; 0 where there is no raw risk
 * @param bestUntil until when it is at its best
 * @param overcooked from when it is ruined
 */
public record Times(int pleasant, int safe, int bestUntil, int overcooked) {
    /** Ready is pleasant and safe, whichever comes later. */
    public int ready() {
        return Math.max(pleasant, safe);
    }
}
