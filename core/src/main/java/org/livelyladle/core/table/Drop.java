package org.livelyladle.core.table;

import java.util.List;

/**
 * One putting-in. All times in seconds from sitting down; preloads are negative.
 *
 * @param homeSide the side it was planned for before any pin moved it; a pin names a drop by cut, home side and batch
 * @param byHand each eater dips one slice after another, {@code repeats} times every {@code everySeconds}
 * @param grams weight as planned, all pieces [g]
 * @param loadGrams weight in the broth at one time, swollen or soaked [g]
 * @param volumeMl room it takes in the broth at one time, raw leaves with their bulk [ml]
 * @param ready ready and safe [s from sitting down]; for dips that of the first slice
 * @param takeOut planned end [s from sitting down]; for dips that of the last slice
 */
public record Drop(
        String id,
        String cut,
        String name,
        String side,
        String homeSide,
        int batch,
        boolean byHand,
        double grams,
        String amount,
        double loadGrams,
        double volumeMl,
        List<Serving> servings,
        int putIn,
        int ready,
        int bestUntil,
        int overcooked,
        int takeOut,
        int repeats,
        int everySeconds,
        boolean pinned) {

    /** What a guest gets of a drop. */
    public record Serving(String guest, double grams, int pieces) {}

    public Drop {
        servings = List.copyOf(servings);
    }
}
