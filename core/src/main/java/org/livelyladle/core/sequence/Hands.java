package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.Map;

/** Who holds something into a pot over the evening: only so many reach it at once. */
final class Hands {
    /** People who dip at one pot at the same time; common practice. */
    static final int MOST_AT_A_POT = 6;

    private final Map<String, int[]> atPot = new HashMap<>();
    private final int length;

    Hands(int mealSeconds) {
        length = mealSeconds / TablePlanner.GRID_SECONDS + 2;
    }

    void add(String pot, Placing turn, int by) {
        int[] hands = atPot.computeIfAbsent(pot, p -> new int[length]);
        for (int i = first(turn.putIn - turn.before); i <= last(turn, turn.putIn); i++) {
            hands[i] += by;
        }
    }

    /** Whether one more finds a place for a turn, which holds nothing at the time it has now. */
    boolean areFree(String pot, Placing turn, int putIn) {
        int[] hands = atPot.get(pot);
        if (hands == null) {
            return true;
        }
        for (int i = first(putIn - turn.before); i <= last(turn, putIn); i++) {
            boolean isOwn = turn.isOnBoard && first(turn.putIn - turn.before) <= i && i <= last(turn, turn.putIn);
            if (hands[i] - (isOwn ? 1 : 0) >= MOST_AT_A_POT) {
                return false;
            }
        }
        return true;
    }

    private static int first(int putIn) {
        return Math.max(0, putIn) / TablePlanner.GRID_SECONDS;
    }

    private int last(Placing turn, int putIn) {
        return Math.min(length - 1, (putIn + turn.duration) / TablePlanner.GRID_SECONDS);
    }
}
