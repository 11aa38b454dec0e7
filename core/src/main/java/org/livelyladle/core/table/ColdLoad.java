package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How far a side is from its simmer, counted as cold food: each put-in adds its weight, the heat takes it off again at
 * an even rate. Never more than the largest drop, so that the side keeps above its floor (hard rule H3).
 */
final class ColdLoad {
    private static final double TOLERANCE = 1e-6;

    /** Just before a top-up there is so much less broth to cool [1]. */
    private static final double LEAST_LEVEL = 0.85;

    private record PutIn(int second, double grams) {}

    private final double limitG;
    /** Taken off by the heat [g/s]. */
    private final double rate;

    private List<PutIn> putIns = List.of();
    /** Load right after each put-in [g]. */
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
        List<PutIn> all = new ArrayList<>();
        placings.forEach(placing -> all.addAll(putIns(placing, placing.putIn)));
        all.sort(Comparator.comparingInt(PutIn::second));
        putIns = all;
        after = new double[all.size()];
        double load = 0;
        for (int i = 0; i < after.length; i++) {
            load = (i == 0
                            ? 0
                            : rested(load, all.get(i).second() - all.get(i - 1).second()))
                    + all.get(i).grams();
            after[i] = load;
        }
    }

    private static List<PutIn> putIns(Placing placing, int from) {
        List<PutIn> own = new ArrayList<>();
        int times = placing.byHand ? placing.batch.repeats() : 1;
        for (int i = 0; i < times; i++) {
            own.add(new PutIn(from + i * placing.batch.everySeconds(), placing.coldGrams));
        }
        return own;
    }

    private double rested(double load, int seconds) {
        return Math.max(0, load - rate * seconds);
    }

    /** Whether it would be too much if the candidate went in at a time [s]. */
    boolean isTooMuchWith(Placing candidate, int putIn) {
        List<PutIn> own = putIns(candidate, putIn);
        int next = firstAfter(putIn);
        double load = next == 0 ? 0 : after[next - 1];
        int last = next == 0 ? putIn : putIns.get(next - 1).second();
        int mine = 0;
        while (mine < own.size() || next < after.length) {
            boolean isMine = next == after.length
                    || mine < own.size()
                            && own.get(mine).second() <= putIns.get(next).second();
            PutIn putting = isMine ? own.get(mine++) : putIns.get(next++);
            load = rested(load, putting.second() - last) + putting.grams();
            last = putting.second();
            if (load > limitG + TOLERANCE) {
                return true;
            }
            if (!isMine && mine == own.size() && load <= after[next - 1] + TOLERANCE) {
                return false;
            }
        }
        return false;
    }

    private int firstAfter(int second) {
        int low = 0;
        int high = putIns.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (putIns.get(middle).second() <= second) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
