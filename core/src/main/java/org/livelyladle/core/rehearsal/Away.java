package org.livelyladle.core.rehearsal;

import java.util.Arrays;

/** When each person is not at the table in one evening, in order. Used again evening after evening. */
final class Away {
    private static final int MOST_TIMES = 64;

    private final int[][] from;
    private final int[][] until;
    private final int[] times;

    Away(int people) {
        this.from = new int[people][MOST_TIMES];
        this.until = new int[people][MOST_TIMES];
        this.times = new int[people];
    }

    void clear() {
        Arrays.fill(times, 0);
    }

    /** @param start not before the end of the last one [s from sitting down] */
    void add(int person, int start, int end) {
        int n = times[person];
        if (n < MOST_TIMES && end > start) {
            from[person][n] = start;
            until[person][n] = end;
            times[person]++;
        }
    }

    /** That moment, or when somebody who is away then is back [s from sitting down]. */
    int backBy(int person, int second) {
        for (int i = 0; i < times[person]; i++) {
            if (from[person][i] <= second && second < until[person][i]) {
                return until[person][i];
            }
        }
        return second;
    }
}
