package org.livelyladle.core.sequence;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** One guest's evening: what is eaten when. */
final class Meal {
    private static final int[] NOTHING = {};
    private static final double[] NO_GRAMS = {};

    private final AimedShare aimed;
    private final Wishes wishes;
    /** How long a gram is eaten [s/g]. */
    private final double perGram;

    /** What it counts beside the evenings of others. */
    private double weight = 1;

    private int changes;
    /** Bites there are to be, those too that have no time at the moment. */
    private int expected;
    /** How much they are [g]. */
    private double food;
    /** Bites that have a time, in order of it [s from sitting down], how much each is [g] and of what. */
    private int size;

    private int[] at = {};
    private double[] grams = {};
    private Placing[] owners = {};

    private double cost;
    private int costVersion = -1;
    private int costWishes = -1;

    Meal(AimedShare aimed, Wishes wishes, double perGram) {
        this.aimed = aimed;
        this.wishes = wishes;
        this.perGram = perGram;
    }

    /** There is room for the bites of one more batch. */
    void expect(Placing placing, int eater) {
        expected += placing.biteAt[eater].length;
        food += grams(placing, eater);
        if (expected > at.length) {
            at = Arrays.copyOf(at, expected);
            grams = Arrays.copyOf(grams, expected);
            owners = Arrays.copyOf(owners, expected);
        }
    }

    /** There is no such batch any more, and it has no time. */
    void forget(Placing placing, int eater) {
        expected -= placing.biteAt[eater].length;
        food -= grams(placing, eater);
        changes++;
    }

    private static double grams(Placing placing, int eater) {
        return Arrays.stream(placing.biteGrams[eater]).sum();
    }

    /**
     * It is eaten at the time it has; what comes at the same time as other food after it.
     *
     * @param eater the guest's place among its eaters
     */
    void add(Placing placing, int eater) {
        int[] bites = placing.biteAt[eater];
        for (int i = 0; i < bites.length; i++) {
            int bite = placing.counted() + bites[i];
            int place = size++;
            while (place > 0 && at[place - 1] > bite) {
                at[place] = at[place - 1];
                grams[place] = grams[place - 1];
                owners[place] = owners[place - 1];
                place--;
            }
            at[place] = bite;
            grams[place] = placing.biteGrams[eater][i];
            owners[place] = placing;
        }
        changes++;
    }

    /** It has no time any more. */
    void remove(Placing placing) {
        int rest = 0;
        for (int i = 0; i < size; i++) {
            if (owners[i] != placing) {
                at[rest] = at[i];
                grams[rest] = grams[i];
                owners[rest++] = owners[i];
            }
        }
        size = rest;
        changes++;
    }

    int changes() {
        return changes;
    }

    /** All that is eaten but one batch. */
    MealWithout without(@Nullable Placing left) {
        int[] rest = new int[size];
        double[] restGrams = new double[size];
        int count = 0;
        for (int i = 0; i < size; i++) {
            if (owners[i] != left) {
                rest[count] = at[i];
                restGrams[count++] = grams[i];
            }
        }
        return new MealWithout(aimed, wishes, perGram, expected, food, count, rest, restGrams);
    }

    double weight() {
        return weight;
    }

    /** From now on it counts so many times as much. */
    void weigh(double times) {
        weight *= times;
        costVersion = -1;
    }

    /**
     * The longest time with an empty bowl until nearly all is eaten.
     *
     * @param from when it begins [s from sitting down]
     * @param until when it ends [s from sitting down]
     */
    record Wait(double from, double until) {
        double seconds() {
            return until - from;
        }
    }

    /** From coming to the first bite [s]. */
    double firstBite() {
        return size == 0 ? 0 : Math.max(0, at[0] - aimed.arrival());
    }

    boolean isEmpty() {
        return size == 0;
    }

    /** Mean distance of what is eaten from what should be by then, over all that is eaten [1]. */
    double unevenness() {
        double all = all();
        double eaten = 0;
        double away = 0;
        for (int i = 0; i < size; i++) {
            away += grams[i] * Math.abs((eaten + grams[i] / 2) / all - aimed.by(at[i]));
            eaten += grams[i];
        }
        return away / all;
    }

    /** The most that lies in the bowl at once, eaten as fast as the guest eats [g]. */
    double fullestBowl() {
        double empty = aimed.arrival();
        double most = 0;
        for (int i = 0; i < size; i++) {
            empty = Math.max(empty, at[i]) + grams[i] * perGram;
            most = Math.max(most, (empty - at[i]) / perGram);
        }
        return most;
    }

    private double all() {
        double all = 0;
        for (int i = 0; i < size; i++) {
            all += grams[i];
        }
        return all;
    }

    Wait longestWait() {
        double all = all();
        double eaten = 0;
        double empty = aimed.arrival();
        double from = empty;
        double until = empty;
        for (int i = 0; i < size && eaten < MealWithout.NEARLY_ALL * all; i++) {
            if (at[i] - empty > until - from) {
                from = empty;
                until = at[i];
            }
            eaten += grams[i];
            empty = Math.max(empty, at[i]) + grams[i] * perGram;
        }
        return new Wait(from, until);
    }

    /** How good it is as it stands, by its weight. */
    double cost() {
        if (costVersion != changes || costWishes != wishes.version()) {
            cost = weight * without(null).cost(NOTHING, NO_GRAMS, 0, Double.MAX_VALUE);
            costVersion = changes;
            costWishes = wishes.version();
        }
        return cost;
    }
}
