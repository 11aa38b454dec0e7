package org.livelyladle.core.prep;

/**
 * Where a job goes. One that runs or was paused starts where it was begun or goes on.
 *
 * @param start [min from sitting down]
 * @param end [min from sitting down]
 * @param cook place in the list of cooks; {@link #NOBODY} for a job without hands
 * @param unit which board, ring, oven or sink, from 0
 */
record Slot(int start, int end, int cook, int unit) {
    static final int NOBODY = -1;

    static final Slot ANY = new Slot(0, 0, NOBODY, 0);

    Slot between(int otherStart, int otherEnd) {
        return new Slot(otherStart, otherEnd, cook, unit);
    }
}
