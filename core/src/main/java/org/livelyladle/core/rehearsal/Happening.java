package org.livelyladle.core.rehearsal;

/**
 * A trouble as it came in one evening.
 *
 * @param guest whom it met; {@link #NONE} where it met a side or all
 * @param portion of which food; {@link #NONE} where it was none
 * @param side {@link #NONE} where it was none
 * @param drop place among the drops; {@link #NONE} where it was none
 * @param at [s from sitting down]
 */
record Happening(Trouble trouble, int guest, int portion, int side, int drop, int at) {
    static final int NONE = -1;
}
