package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;

/** One guest's evening: what is eaten when. */
final class Meal {
    private final int arrival;
    private final int finish;
    private final List<Placing> own = new ArrayList<>();
    private int changes;

    Meal(int arrival, int finish) {
        this.arrival = arrival;
        this.finish = finish;
    }

    List<Placing> own() {
        return own;
    }

    /** Something is eaten at another time now. */
    void changed() {
        changes++;
    }

    int changes() {
        return changes;
    }

    /** All that is eaten but one batch. */
    MealWithout without(Placing left, int guest) {
        int count = 0;
        for (Placing placing : own) {
            count += placing == left ? 0 : placing.biteAt[eater(placing, guest)].length;
        }
        int[] at = new int[count];
        double[] grams = new double[count];
        int size = 0;
        for (Placing placing : own) {
            if (placing == left) {
                continue;
            }
            int eater = eater(placing, guest);
            for (int i = 0; i < placing.biteAt[eater].length; i++) {
                int bite = placing.putIn + placing.biteAt[eater][i];
                int place = size++;
                while (place > 0 && at[place - 1] > bite) {
                    at[place] = at[place - 1];
                    grams[place] = grams[place - 1];
                    place--;
                }
                at[place] = bite;
                grams[place] = placing.biteGrams[eater][i];
            }
        }
        return new MealWithout(arrival, finish, at, grams);
    }

    private static int eater(Placing placing, int guest) {
        int eater = 0;
        while (placing.eaters[eater] != guest) {
            eater++;
        }
        return eater;
    }
}
