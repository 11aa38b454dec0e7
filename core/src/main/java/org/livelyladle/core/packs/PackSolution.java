package org.livelyladle.core.packs;

import java.util.List;

/**
 * The cheapest way to buy.
 *
 * @param lines what to buy, in the order of the offers
 * @param costCents what it costs, each line rounded half up [cents]
 * @param wasteGrams bought beyond all needs together [g]
 * @param objectiveCents unrounded prices and waste value [cents]
 * @param covered which needs are met by another ingredient
 * @param proven that nothing is cheaper; false where the search was ended by its budget and this is the best it found
 */
public record PackSolution(
        List<Line> lines,
        long costCents,
        double wasteGrams,
        double objectiveCents,
        List<Covered> covered,
        boolean proven) {

    public PackSolution {
        lines = List.copyOf(lines);
        covered = List.copyOf(covered);
    }

    /** So many packs, or steps of loose goods. */
    public record Line(String offer, int count) {}

    /** So many grams of a need met by another ingredient [g]. */
    public record Covered(String ingredient, String by, double grams) {}
}
