package org.livelyladle.core.table;

import java.util.List;

/**
 * Food in a side from one putting-in to one taking-out. All times in seconds from sitting down; preloads are negative.
 *
 * @param ready ready and safe [s]
 * @param bestUntil from here on it declines [s]
 * @param overcooked [s]
 * @param grams weight as planned [g]
 * @param loadGrams weight in the broth, swollen or soaked [g]
 * @param volumeMl room it takes in the broth, raw leaves with their bulk [ml]
 * @param servings who eats it when it is taken out
 */
public record Stay(
        int putIn,
        int ready,
        int bestUntil,
        int overcooked,
        int takeOut,
        double grams,
        double loadGrams,
        double volumeMl,
        List<Serving> servings) {

    /**
     * What a guest gets of it.
     *
     * @param pieces 0 for what is served by weight
     */
    public record Serving(String guest, double grams, int pieces) {}

    public Stay {
        servings = List.copyOf(servings);
    }

    /** Time in the broth [s]. */
    public int seconds() {
        return takeOut - putIn;
    }

    public boolean isInside(int second) {
        return putIn <= second && second < takeOut;
    }
}
