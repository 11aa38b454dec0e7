package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.List;

/** Room and baskets taken in a side over the evening, as steps that change where something goes in or comes out. */
final class Occupancy {
    /** Where it changes [s], and what is taken from there on [ml, baskets]. */
    private int[] seconds = {};

    private double[] ml = {};
    private int[] baskets = {};

    /** The most of each at one time. */
    record Most(double ml, int baskets) {}

    /** Reckons anew with what is in the side over the evening. */
    void set(List<Placing> placings) {
        int count = 2 * placings.size();
        long[] order = new long[count];
        for (int i = 0; i < placings.size(); i++) {
            Placing placing = placings.get(i);
            order[2 * i] = (long) placing.putIn << Integer.SIZE | placings.size() + i;
            order[2 * i + 1] = (long) (placing.putIn + placing.duration) << Integer.SIZE | i;
        }
        Arrays.sort(order);
        seconds = new int[count];
        ml = new double[count];
        baskets = new int[count];
        double takenMl = 0;
        int takenBaskets = 0;
        for (int i = 0; i < count; i++) {
            // what comes out at a second makes room for what goes in then
            int what = (int) order[i];
            Placing placing = placings.get(what % placings.size());
            int sign = what < placings.size() ? -1 : 1;
            takenMl += sign * placing.volumeMl;
            takenBaskets += sign * placing.baskets;
            seconds[i] = (int) (order[i] >> Integer.SIZE);
            ml[i] = takenMl;
            baskets[i] = takenBaskets;
        }
    }

    /** The most that is taken from a second until before another. */
    Most most(int from, int until) {
        int at = Arrays.binarySearch(seconds, from);
        int step = at < 0 ? -at - 2 : at;
        while (step + 1 < seconds.length && seconds[step + 1] <= from) {
            step++;
        }
        double mostMl = step < 0 ? 0 : ml[step];
        int mostBaskets = step < 0 ? 0 : baskets[step];
        for (int i = step + 1; i < seconds.length && seconds[i] < until; i++) {
            mostMl = Math.max(mostMl, ml[i]);
            mostBaskets = Math.max(mostBaskets, baskets[i]);
        }
        return new Most(mostMl, mostBaskets);
    }
}
