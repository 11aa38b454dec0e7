package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.Map;
import org.livelyladle.core.brief.Emphasis;

/**
 * What people have to do for others over the evening. Actions at one pot within twenty seconds are one; more than three
 * in two minutes are too many for one pair of hands.
 */
final class Cues {
    private static final double SECONDS_OF_A_MINUTE = 60;
    private static final int BIN_SECONDS = 20;
    /** So many hold any two minutes, wherever they begin. */
    private static final int BINS_OF_TWO_MINUTES = 7;

    private static final int MOST_IN_TWO_MINUTES = 3;
    /**
     * What each action too many, squared, counts in each two minutes that hold it, where an action counts 1; and what an
     * action counts against waits; memory.
     */
    private static final int TOO_MANY = 16;

    private static final double EACH = 2.4 / BINS_OF_TWO_MINUTES;
    /** Both count so many times as much where calm is wanted, and so many times less where short waits are; memory. */
    private static final double EMPHASIS = 8;

    private final Map<String, AtPot> pots = new HashMap<>();
    /** What each does altogether, by spans of two minutes. */
    private final Map<String, int[]> byMinder = new HashMap<>();

    private final Minders minders;
    private final int bins;
    private final double weight;
    private final int mealSeconds;

    Cues(int mealSeconds, Minders minders, Emphasis emphasis) {
        this.weight = EACH
                * switch (emphasis) {
                    case CALM -> EMPHASIS;
                    case BALANCED -> 1;
                    case QUICK -> 1 / EMPHASIS;
                };
        this.bins = mealSeconds / BIN_SECONDS + 2;
        this.minders = minders;
        this.mealSeconds = mealSeconds;
    }

    /**
     * What there is to do at a pot.
     *
     * @param actions by time
     * @param minders what is done in all spans of two minutes by who looks after it, at other pots too; each span stands
     *     at its last bin
     */
    record AtPot(int[] actions, int[] minders) {}

    AtPot at(String pot) {
        return pots.computeIfAbsent(
                pot,
                p -> new AtPot(
                        new int[bins],
                        byMinder.computeIfAbsent(minders.ofPot(p), minder -> new int[bins + BINS_OF_TWO_MINUTES - 1])));
    }

    /** Preparing before sitting down is no cue. */
    private int bin(int second) {
        return second < 0 ? -1 : Math.min(bins - 1, second / BIN_SECONDS);
    }

    void add(AtPot pot, Placing placing) {
        change(pot, placing, 1);
    }

    void remove(AtPot pot, Placing placing) {
        change(pot, placing, -1);
    }

    private void change(AtPot pot, Placing placing, int by) {
        if (placing.shared) {
            count(pot, bin(placing.putIn), by);
            if (!placing.fished) {
                count(pot, bin(placing.lastOut()), by);
            }
        }
    }

    private static void count(AtPot pot, int bin, int by) {
        if (bin < 0) {
            return;
        }
        boolean before = pot.actions[bin] > 0;
        pot.actions[bin] += by;
        int change = (pot.actions[bin] > 0 ? 1 : 0) - (before ? 1 : 0);
        for (int span = bin; change != 0 && span < bin + BINS_OF_TWO_MINUTES; span++) {
            pot.minders[span] += change;
        }
    }

    /** What all that is done costs. */
    double cost() {
        int cost = 0;
        for (int[] spans : byMinder.values()) {
            for (int actions : spans) {
                cost += cost(actions);
            }
        }
        return weight * cost;
    }

    /** What the busiest does altogether, a minute of the evening, and at most in two minutes. */
    record Most(double aMinute, int inTwoMinutes) {}

    Most most() {
        double all = 0;
        int most = 0;
        for (int[] spans : byMinder.values()) {
            int sum = 0;
            for (int actions : spans) {
                sum += actions;
                most = Math.max(most, actions);
            }
            all = Math.max(all, sum / (double) BINS_OF_TWO_MINUTES);
        }
        return new Most(all * SECONDS_OF_A_MINUTE / mealSeconds, most);
    }

    private static int cost(int actions) {
        int over = Math.max(0, actions - MOST_IN_TWO_MINUTES);
        return TOO_MANY * over * over + actions;
    }

    /** What it would cost to do something for a batch at a time. */
    double cost(AtPot pot, Placing placing, int putIn, int linger) {
        if (!placing.shared) {
            return 0;
        }
        int in = news(pot, bin(putIn));
        int out = placing.fished ? -1 : news(pot, bin(putIn + linger + placing.duration));
        int more = 0;
        for (int span = in; in >= 0 && span < in + BINS_OF_TWO_MINUTES; span++) {
            int both = out > in && span >= out ? 2 : 1;
            more += cost(pot.minders[span] + both) - cost(pot.minders[span]);
        }
        int onlyOut = in < 0 ? out : Math.max(out, in + BINS_OF_TWO_MINUTES);
        for (int span = onlyOut; out >= 0 && span < out + BINS_OF_TWO_MINUTES; span++) {
            more += cost(pot.minders[span] + 1) - cost(pot.minders[span]);
        }
        return weight * more;
    }

    /** The time of an action, where nothing is done at the pot anyway; else -1. */
    private static int news(AtPot pot, int bin) {
        return bin >= 0 && pot.actions[bin] == 0 ? bin : -1;
    }
}
