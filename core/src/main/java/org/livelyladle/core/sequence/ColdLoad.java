package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How far a side is from its simmer, counted as cold food: each put-in adds its weight, the heat takes it off again at
 * an even rate. Never more than the largest drop, so that the side keeps above its floor (hard rule H3).
 */
final class ColdLoad {
    private static final double TOLERANCE = 1e-6;
    /** Just before a top-up there is so much less broth to cool [1]. */
    private static final double LEAST_LEVEL = 0.85;

    private final double limitG;
    /** Taken off by the heat [g/s]. */
    private final double rate;

    /** Whose the put-ins are, in order of time. */
    private Placing[] owners = {};

    private int[] all = {};
    /** Of those that count: the time [s], what each adds and the load right after it [g]. */
    private int[] seconds = {};

    private double[] grams = {};
    private double[] after = {};
    private int count;

    ColdLoad(double dropLimitG, double gramsPerMinute) {
        this.limitG = LEAST_LEVEL * dropLimitG;
        this.rate = gramsPerMinute / 60;
    }

    double limitG() {
        return limitG;
    }

    /** Begins anew with what is in the side over the evening. */
    void set(List<Placing> placings) {
        int size = 0;
        for (Placing placing : placings) {
            size += times(placing);
        }
        long[] order = new long[size];
        Placing[] own = new Placing[size];
        size = 0;
        for (Placing placing : placings) {
            for (int i = 0; i < times(placing); i++) {
                own[size] = placing;
                order[size] = (long) (placing.putIn + i * placing.every) << Integer.SIZE | size;
                size++;
            }
        }
        Arrays.sort(order);
        owners = new Placing[size];
        all = new int[size];
        for (int i = 0; i < size; i++) {
            owners[i] = own[(int) order[i]];
            all[i] = (int) (order[i] >> Integer.SIZE);
        }
        seconds = new int[size];
        grams = new double[size];
        after = new double[size];
    }

    /** Reckons with all but one, or with all where none is named. */
    void reckon(@Nullable Placing leftOut) {
        count = 0;
        for (int i = 0; i < all.length; i++) {
            if (owners[i] != leftOut) {
                double before = count == 0 ? 0 : rested(after[count - 1], all[i] - seconds[count - 1]);
                seconds[count] = all[i];
                grams[count] = owners[i].coldGrams;
                after[count] = before + grams[count];
                count++;
            }
        }
    }

    private static int times(Placing placing) {
        return placing.byHand ? placing.repeats : 1;
    }

    private double rested(double load, int seconds) {
        return Math.max(0, load - rate * seconds);
    }

    /** The load when it first is too much, or at some time when it never is, if the candidate went in at a time [s, g]. */
    double mostWith(Placing candidate, int putIn) {
        int left = times(candidate);
        int mine = putIn;
        int next = firstAfter(putIn);
        double load = next == 0 ? 0 : after[next - 1];
        int last = next == 0 ? putIn : seconds[next - 1];
        double most = 0;
        while (left > 0 || next < count) {
            boolean isMine = next == count || left > 0 && mine <= seconds[next];
            int now = isMine ? mine : seconds[next];
            load = rested(load, now - last) + (isMine ? candidate.coldGrams : grams[next]);
            last = now;
            most = Math.max(most, load);
            if (load > limitG + TOLERANCE) {
                return most;
            }
            if (isMine) {
                mine += candidate.every;
                left--;
            } else {
                if (left == 0 && load <= after[next] + TOLERANCE) {
                    return most;
                }
                next++;
            }
        }
        return most;
    }

    private int firstAfter(int second) {
        int at = Arrays.binarySearch(seconds, 0, count, second + 1);
        int place = at < 0 ? -at - 1 : at;
        while (place > 0 && seconds[place - 1] > second) {
            place--;
        }
        return place;
    }
}
