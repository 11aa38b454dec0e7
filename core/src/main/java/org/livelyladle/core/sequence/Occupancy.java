package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Room and baskets taken in a side over the evening, as steps that change where something goes in or comes out. */
final class Occupancy {
    /** Putting in and taking out in order of time: the second, and below it whose, and which of both. */
    private long[] order = {};

    private List<Placing> placings = List.of();
    /** Where it changes [s], and what is taken from there on [ml, baskets]. */
    private int[] seconds = {};

    private double[] ml = {};
    private int[] baskets = {};
    private int changes;

    /** Begins anew with what is in the side over the evening. */
    void set(List<Placing> inside) {
        placings = List.copyOf(inside);
        int count = placings.size();
        order = new long[2 * count];
        for (int i = 0; i < count; i++) {
            Placing placing = placings.get(i);
            order[2 * i] = (long) placing.putIn << Integer.SIZE | count + i;
            order[2 * i + 1] = (long) placing.lastOut() << Integer.SIZE | i;
        }
        Arrays.sort(order);
        seconds = new int[2 * count];
        ml = new double[2 * count];
        baskets = new int[2 * count];
    }

    /** Reckons with all but one, or with all where none is named. */
    void reckon(@Nullable Placing leftOut) {
        double takenMl = 0;
        int takenBaskets = 0;
        changes = 0;
        for (long change : order) {
            int what = (int) change;
            int second = (int) (change >> Integer.SIZE);
            Placing placing = placings.get(what % placings.size());
            if (placing != leftOut) {
                int sign = what < placings.size() ? -1 : 1;
                takenMl += sign * placing.volumeMl;
                takenBaskets += sign * placing.baskets;
                // what comes out at a second makes room for what goes in then
                changes += changes > 0 && seconds[changes - 1] == second ? 0 : 1;
                seconds[changes - 1] = second;
                ml[changes - 1] = takenMl;
                baskets[changes - 1] = takenBaskets;
            }
        }
    }

    /** The most room that is taken from a second until before another [ml]. */
    double mostMl(int from, int until) {
        int step = stepAt(from);
        double most = step < 0 ? 0 : ml[step];
        for (int i = step + 1; i < changes && seconds[i] < until; i++) {
            most = Math.max(most, ml[i]);
        }
        return most;
    }

    /** The most baskets that are taken from a second until before another. */
    int mostBaskets(int from, int until) {
        int step = stepAt(from);
        int most = step < 0 ? 0 : baskets[step];
        for (int i = step + 1; i < changes && seconds[i] < until; i++) {
            most = Math.max(most, baskets[i]);
        }
        return most;
    }

    private int stepAt(int second) {
        int at = Arrays.binarySearch(seconds, 0, changes, second);
        return at < 0 ? -at - 2 : at;
    }
}
