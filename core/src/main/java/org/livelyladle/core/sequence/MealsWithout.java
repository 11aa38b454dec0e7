package org.livelyladle.core.sequence;

/** The evenings of a batch's eaters without it, and what they cost with it at some time. */
final class MealsWithout {
    private final Placing placing;
    private final MealWithout[] meals;
    private final double[] weights;
    private final double[] costs;
    /** Places of the eaters: whoever was against a moment last is asked first, being most likely against the next. */
    private final int[] asked;

    private long looked;

    /** @param meals of its eaters, in their order */
    MealsWithout(Placing placing, Meal[] meals) {
        this.placing = placing;
        this.meals = new MealWithout[meals.length];
        weights = new double[meals.length];
        costs = new double[meals.length];
        asked = new int[meals.length];
        for (int i = 0; i < meals.length; i++) {
            this.meals[i] = meals[i].without(placing);
            weights[i] = meals[i].weight();
            asked[i] = i;
        }
    }

    /** Evenings looked at so far. */
    long looked() {
        return looked;
    }

    /**
     * What is there already and the evenings with the batch, by their weights.
     *
     * @param counted when bites count from [s from sitting down]
     * @param enough what costs as much as that need not be reckoned to the end
     */
    double cost(double already, int counted, double enough) {
        double sum = already;
        for (int k = 0; k < asked.length && sum < enough; k++) {
            int eater = asked[k];
            costs[eater] = weights[eater] * cost(eater, counted, (enough - sum) / weights[eater]);
            sum += costs[eater];
            looked++;
            if (sum >= enough) {
                System.arraycopy(asked, 0, asked, 1, k);
                asked[0] = eater;
            }
        }
        if (sum >= enough) {
            return sum;
        }
        // in the order of the eaters, whoever was asked first: so that sums are the same to the last bit
        double cost = already;
        for (double each : costs) {
            cost += each;
        }
        return cost;
    }

    /** How much worse the evenings are with the batch at one time than at another, each counted alike. */
    double worse(int counted, int than) {
        double worse = 0;
        for (int i = 0; i < meals.length; i++) {
            worse += cost(i, counted, Double.MAX_VALUE) - cost(i, than, Double.MAX_VALUE);
        }
        return worse;
    }

    private double cost(int eater, int counted, double enough) {
        return meals[eater].cost(placing.biteAt[eater], placing.biteGrams[eater], counted, enough);
    }
}
