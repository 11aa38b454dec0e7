package org.livelyladle.core.rehearsal;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What goes into a side in one movement, as planned.
 *
 * @param drop place in the table's drops
 * @param key of what is drawn for it
 * @param side place among the sides
 * @param putIn [s from sitting down]
 * @param actor who puts it in and, where it is not fished, takes it out
 * @param hand what is held in one hand or one basket of somebody is one after the other; {@link #NO_HAND} for what is shared
 * @param tended who looks after it
 * @param needsBasket it takes one of the side's places
 * @param raw it may go only into a side above its floor
 * @param thin it takes the broth's temperature at once
 * @param lidFor how long the lid may be on at least, and until its side is back; {@link #NO_LID} where somebody holds it [s]
 * @param startC [°C]
 * @param warmsWithin its time constant where it is thick [s]
 * @param core what its core must come to; null where no core decides
 * @param safeSeconds how long it must stay above the floor where no core decides [s]
 */
record Load(
        int drop,
        long key,
        int side,
        int putIn,
        int actor,
        int hand,
        Tended tended,
        boolean needsBasket,
        boolean raw,
        boolean thin,
        int lidFor,
        double startC,
        double warmsWithin,
        Cores.@Nullable Core core,
        double safeSeconds,
        List<Part> parts) {
    static final int NO_HAND = -1;
    static final int NO_LID = -1;

    enum Tended {
        /** A slice between chopsticks. */
        HELD,
        /** A basket of somebody's own. */
        OWN,
        /** Taken out by who looks after the pot. */
        SHARED,
        /** Put in by who looks after the pot, taken out by each eater. */
        FISHED
    }

    /**
     * What comes out of it in one movement.
     *
     * @param seconds in the broth
     * @param overcooked from when it is [s from putting in]
     * @param foodG weight in the broth [g]
     * @param ml room it takes [ml]
     * @param clings broth that leaves with it, clinging to it and taken up by it [ml]
     * @param gives juice it leaves behind [ml]
     */
    record Part(
            int seconds, int overcooked, double foodG, double ml, double clings, double gives, List<Serving> servings) {
        /** Who alone eats it; the first of several. */
        int eater() {
            return servings.get(0).guest();
        }
    }

    /**
     * What somebody gets.
     *
     * @param portion place among all portions, each of a guest and a cut
     */
    record Serving(int guest, int portion, double grams) {}

    boolean isShared() {
        return tended == Tended.SHARED || tended == Tended.FISHED;
    }

    double foodG() {
        return parts.stream().mapToDouble(Part::foodG).sum();
    }

    double ml() {
        return parts.stream().mapToDouble(Part::ml).sum();
    }

    int longest() {
        return parts.stream().mapToInt(Part::seconds).max().orElse(0);
    }
}
