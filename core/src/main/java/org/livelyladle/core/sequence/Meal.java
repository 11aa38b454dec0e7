package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One guest's evening: what is eaten when. */
final class Meal {
    private static final int[] NOTHING = {};
    private static final double[] NO_GRAMS = {};

    private final int arrival;
    private final int finish;
    private final EatenShare tempo;
    /** How long a gram is eaten [s/g]. */
    private final double perGram;

    private final List<Placing> own = new ArrayList<>();
    /** The guest's place among the eaters of each. */
    private final List<Integer> eaters = new ArrayList<>();

    /** What it counts beside the evenings of others. */
    private double weight = 1;

    private int changes;
    /** All bites in order of time [s from sitting down], how much each is [g] and of what, as of some change. */
    private int[] at = {};

    private double[] grams = {};
    private Placing[] owners = {};
    private int ofVersion = -1;
    private double cost;
    private int costVersion = -1;

    Meal(int arrival, int finish, EatenShare tempo, double perGram) {
        this.perGram = perGram;
        this.arrival = arrival;
        this.finish = finish;
        this.tempo = tempo;
    }

    void add(Placing placing, int eater) {
        own.add(placing);
        eaters.add(eater);
        changes++;
    }

    /** Something is eaten at another time now. */
    void changed() {
        changes++;
    }

    int changes() {
        return changes;
    }

    /** All that is eaten but one batch. */
    MealWithout without(@Nullable Placing left) {
        if (ofVersion != changes) {
            sort();
        }
        int count = 0;
        for (Placing owner : owners) {
            count += owner == left ? 0 : 1;
        }
        int[] rest = new int[count];
        double[] restGrams = new double[count];
        int size = 0;
        for (int i = 0; i < owners.length; i++) {
            if (owners[i] != left) {
                rest[size] = at[i];
                restGrams[size++] = grams[i];
            }
        }
        return new MealWithout(arrival, finish, tempo, perGram, at.length, rest, restGrams);
    }

    double weight() {
        return weight;
    }

    /** From now on it counts so many times as much. */
    void weigh(double times) {
        weight *= times;
        costVersion = -1;
    }

    /** The longest time with an empty bowl until nearly all is eaten [s]. */
    double longestWait() {
        if (ofVersion != changes) {
            sort();
        }
        double all = Arrays.stream(grams).sum();
        double eaten = 0;
        double empty = arrival;
        double longest = 0;
        for (int i = 0; i < at.length && eaten < MealWithout.NEARLY_ALL * all; i++) {
            longest = Math.max(longest, at[i] - empty);
            eaten += grams[i];
            empty = Math.max(empty, at[i]) + grams[i] * perGram;
        }
        return longest;
    }

    /** How good it is as it stands, by its weight. */
    double cost() {
        if (costVersion != changes) {
            cost = weight * without(null).cost(NOTHING, NO_GRAMS, 0);
            costVersion = changes;
        }
        return cost;
    }

    private int bites() {
        int count = 0;
        for (int i = 0; i < own.size(); i++) {
            count += own.get(i).biteAt[eaters.get(i)].length;
        }
        return count;
    }

    /** By time; what comes at the same time as it was placed. */
    private void sort() {
        int count = bites();
        at = new int[count];
        grams = new double[count];
        owners = new Placing[count];
        int size = 0;
        for (int p = 0; p < own.size(); p++) {
            Placing placing = own.get(p);
            int eater = eaters.get(p);
            for (int i = 0; i < placing.biteAt[eater].length; i++) {
                int bite = placing.counted() + placing.biteAt[eater][i];
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
        }
        ofVersion = changes;
    }
}
