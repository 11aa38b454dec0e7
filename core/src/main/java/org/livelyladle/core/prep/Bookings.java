package org.livelyladle.core.prep;

import java.util.Arrays;

/** When one cook, board or ring is taken: half-open intervals in order of their starts [min]. */
final class Bookings {
    private int[] from = new int[16];
    private int[] to = new int[16];
    private int count;

    Bookings copy() {
        Bookings copy = new Bookings();
        copy.from = from.clone();
        copy.to = to.clone();
        copy.count = count;
        return copy;
    }

    void book(int start, int end) {
        if (end <= start) {
            return;
        }
        if (count == from.length) {
            from = Arrays.copyOf(from, 2 * count);
            to = Arrays.copyOf(to, 2 * count);
        }
        int k = count++;
        while (k > 0 && from[k - 1] > start) {
            from[k] = from[k - 1];
            to[k] = to[k - 1];
            k--;
        }
        from[k] = start;
        to[k] = end;
    }

    /** The first start from a minute on at which so long is free. */
    int earliest(int start, int length) {
        int at = start;
        for (int k = 0; length > 0 && k < count && from[k] < at + length; k++) {
            if (to[k] > at) {
                at = to[k];
            }
        }
        return at;
    }
}
