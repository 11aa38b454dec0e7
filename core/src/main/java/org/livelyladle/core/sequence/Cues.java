package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.Map;
import org.livelyladle.core.brief.Emphasis;

/**
 * What people have to do for others over the evening. Actions at one pot within twenty seconds are one; more than three
 * in two minutes are too many for one pair of hands.
 */
final class Cues {
    private static final int BIN_SECONDS = 20;
    private static final int BINS_OF_TWO_MINUTES = 6;
    private static final int MOST_IN_TWO_MINUTES = 3;
    /** What a cue counts, and what one too many counts, against waits; memory. */
    private static final double EACH = 1;

    private static final double TOO_MANY = 1;
    /** Both count so many times as much where calm is wanted, and so many times less where short waits are; memory. */
    private static final double EMPHASIS = 8;

    /** Actions at each pot by time. */
    private final Map<String, int[]> atPot = new HashMap<>();
    /** Pots at which each does something, by time. */
    private final Map<String, int[]> byMinder = new HashMap<>();

    private final Minders minders;
    private final int bins;
    private final double weight;

    Cues(int mealSeconds, Minders minders, Emphasis emphasis) {
        this.weight = switch (emphasis) {
            case CALM -> EMPHASIS;
            case BALANCED -> 1;
            case QUICK -> 1 / EMPHASIS;
        };
        this.bins = mealSeconds / BIN_SECONDS + 2;
        this.minders = minders;
    }

    private int[] allOf(String pot) {
        return byMinder.computeIfAbsent(minders.ofPot(pot), minder -> new int[bins]);
    }

    /** Preparing before sitting down is no cue. */
    private int bin(int second) {
        return second < 0 ? -1 : Math.min(bins - 1, second / BIN_SECONDS);
    }

    private void count(String pot, int bin, int by) {
        if (bin < 0) {
            return;
        }
        int[] own = atPot.computeIfAbsent(pot, p -> new int[bins]);
        int[] all = allOf(pot);
        boolean before = own[bin] > 0;
        own[bin] += by;
        all[bin] += (own[bin] > 0 ? 1 : 0) - (before ? 1 : 0);
    }

    void add(String pot, Placing placing) {
        change(pot, placing, placing.putIn, placing.linger, 1);
    }

    void remove(String pot, Placing placing) {
        change(pot, placing, placing.putIn, placing.linger, -1);
    }

    private void change(String pot, Placing placing, int putIn, int linger, int by) {
        if (placing.shared) {
            count(pot, bin(putIn), by);
            if (!placing.fished) {
                count(pot, bin(putIn + linger + placing.duration), by);
            }
        }
    }

    /** What all that is done costs. */
    double cost() {
        return weight
                * byMinder.values().stream()
                        .mapToDouble(all -> windowsFrom(all, 1 - BINS_OF_TWO_MINUTES, bins - 1))
                        .sum();
    }

    /** What it would cost to do something for a batch at a time. */
    double cost(String pot, Placing placing, int putIn, int linger) {
        if (!placing.shared) {
            return 0;
        }
        int[] all = allOf(pot);
        int in = bin(putIn);
        int out = placing.fished ? in : bin(putIn + linger + placing.duration);
        double before = windows(all, in, out);
        change(pot, placing, putIn, linger, 1);
        double after = windows(all, in, out);
        change(pot, placing, putIn, linger, -1);
        return weight * (after - before);
    }

    /** Over all spans of two minutes that hold one of two moments. */
    private static double windows(int[] all, int a, int b) {
        if (a >= 0 && b >= 0 && b - a < BINS_OF_TWO_MINUTES) {
            return windowsFrom(all, a - BINS_OF_TWO_MINUTES + 1, b);
        }
        return (a < 0 ? 0 : windowsFrom(all, a - BINS_OF_TWO_MINUTES + 1, a))
                + (b < 0 ? 0 : windowsFrom(all, b - BINS_OF_TWO_MINUTES + 1, b));
    }

    private static double windowsFrom(int[] all, int first, int last) {
        double cost = 0;
        int cues = 0;
        for (int bin = Math.max(0, first); bin < Math.min(all.length, first + BINS_OF_TWO_MINUTES); bin++) {
            cues += all[bin];
        }
        for (int start = first; start <= last; start++) {
            int over = Math.max(0, cues - MOST_IN_TWO_MINUTES);
            cost += TOO_MANY * over * over + EACH * cues / BINS_OF_TWO_MINUTES;
            int next = start + BINS_OF_TWO_MINUTES;
            cues += (next < all.length ? all[next] : 0) - (start >= 0 ? all[start] : 0);
        }
        return cost;
    }
}
