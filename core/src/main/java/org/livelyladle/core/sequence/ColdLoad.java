package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.List;

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

    /** Put-ins in order of time [s], what each adds and the load right after it [g]. */
    private int[] seconds = {};

    private double[] grams = {};
    private double[] after = {};

    ColdLoad(double dropLimitG, double gramsPerMinute) {
        this.limitG = LEAST_LEVEL * dropLimitG;
        this.rate = gramsPerMinute / 60;
    }

    double limitG() {
        return limitG;
    }

    /** Reckons anew with what is in the side over the evening. */
    void set(List<Placing> placings) {
        int count = 0;
        for (Placing placing : placings) {
            count += times(placing);
        }
        long[] order = new long[count];
        double[] own = new double[count];
        count = 0;
        for (Placing placing : placings) {
            for (int i = 0; i < times(placing); i++) {
                own[count] = placing.coldGrams;
                order[count] = (long) (placing.putIn + i * placing.every) << Integer.SIZE | count;
                count++;
            }
        }
        Arrays.sort(order);
        seconds = new int[count];
        grams = new double[count];
        after = new double[count];
        for (int i = 0; i < count; i++) {
            seconds[i] = (int) (order[i] >> Integer.SIZE);
            grams[i] = own[(int) order[i]];
            after[i] = (i == 0 ? 0 : rested(after[i - 1], seconds[i] - seconds[i - 1])) + grams[i];
        }
    }

    private static int times(Placing placing) {
        return placing.byHand ? placing.repeats : 1;
    }

    private double rested(double load, int seconds) {
        return Math.max(0, load - rate * seconds);
    }

    /** Whether it would be too much if the candidate went in at a time [s]. */
    boolean isTooMuchWith(Placing candidate, int putIn) {
        int left = times(candidate);
        int mine = putIn;
        int next = firstAfter(putIn);
        double load = next == 0 ? 0 : after[next - 1];
        int last = next == 0 ? putIn : seconds[next - 1];
        while (left > 0 || next < seconds.length) {
            boolean isMine = next == seconds.length || left > 0 && mine <= seconds[next];
            int now = isMine ? mine : seconds[next];
            load = rested(load, now - last) + (isMine ? candidate.coldGrams : grams[next]);
            last = now;
            if (load > limitG + TOLERANCE) {
                return true;
            }
            if (isMine) {
                mine += candidate.every;
                left--;
            } else {
                if (left == 0 && load <= after[next] + TOLERANCE) {
                    return false;
                }
                next++;
            }
        }
        return false;
    }

    private int firstAfter(int second) {
        int at = Arrays.binarySearch(seconds, second + 1);
        int place = at < 0 ? -at - 1 : at;
        while (place > 0 && seconds[place - 1] > second) {
            place--;
        }
        return place;
    }
}
