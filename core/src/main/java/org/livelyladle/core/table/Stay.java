package org.livelyladle.core.table;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;

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
 * @param side of what is browned on a hot plate first, the pot of the plate; null in a broth, which is the drop's
 * @param plate true on a hot plate; null in a broth
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
        List<Serving> servings,
        @Nullable String side,
        @Nullable Boolean plate) {

    /**
     * What a guest gets of it.
     *
     * @param pieces 0 for what is served by weight
     */
    public record Serving(String guest, double grams, int pieces) {
        public Serving {
            guest = Check.id(guest, "guest");
            Check.range(grams, "grams", 0, MOST_GRAMS);
            Check.range(pieces, "pieces", 0, MOST_GRAMS);
        }

        /** With another one of the same guest. */
        public Serving and(Serving more) {
            return new Serving(guest, grams + more.grams, pieces + more.pieces);
        }
    }

    /** What stays good so long is left in the broth, and its eaters fish it out; memory [s]. */
    public static final int FORGIVING_SECONDS = 300;

    private static final int MOST_GRAMS = 100_000;
    private static final int EARLIEST = -7200;
    private static final int LATEST = 36_000;

    public Stay {
        Check.range(putIn, "putIn", EARLIEST, LATEST);
        Check.range(takeOut, "takeOut", putIn, LATEST);
        Check.range(grams, "grams", 0, MOST_GRAMS);
        Check.range(loadGrams, "loadGrams", 0, 10 * MOST_GRAMS);
        Check.range(volumeMl, "volumeMl", 0, 100 * MOST_GRAMS);
        servings = Check.list(servings, "servings", Brief.MOST_GUESTS);
    }

    /** In the broth of its drop's side. */
    public static Stay inBroth(
            int putIn,
            int ready,
            int bestUntil,
            int overcooked,
            int takeOut,
            double grams,
            double loadGrams,
            double volumeMl,
            List<Serving> servings) {
        return new Stay(putIn, ready, bestUntil, overcooked, takeOut, grams, loadGrams, volumeMl, servings, null, null);
    }

    /** On the hot plate of a pot until it slides into the broth; nobody eats it from there. */
    public static Stay onPlate(String pot, int putIn, int takeOut, double grams) {
        return new Stay(putIn, takeOut, takeOut, takeOut, takeOut, grams, 0, 0, List.of(), pot, true);
    }

    public boolean onPlate() {
        return Boolean.TRUE.equals(plate);
    }

    /** Time in the broth [s]. */
    public int seconds() {
        return takeOut - putIn;
    }

    /** Good for so long that eaters fish it out in their own time. */
    public boolean isForgiving() {
        return bestUntil - ready >= FORGIVING_SECONDS;
    }

    /** What a guest gets of it [g]. */
    public double gramsOf(String guest) {
        return servings.stream()
                .filter(serving -> serving.guest().equals(guest))
                .mapToDouble(Serving::grams)
                .sum();
    }

    /** The same in the broth, for these eaters only. */
    public Stay servedTo(List<Serving> eaters) {
        return new Stay(putIn, ready, bestUntil, overcooked, takeOut, grams, loadGrams, volumeMl, eaters, side, plate);
    }

    /** The same so much later [s]. */
    public Stay later(int seconds) {
        return new Stay(
                putIn + seconds,
                ready + seconds,
                bestUntil + seconds,
                overcooked + seconds,
                takeOut + seconds,
                grams,
                loadGrams,
                volumeMl,
                servings,
                side,
                plate);
    }

    /** The same, taken out at another time [s from sitting down]. */
    public Stay until(int second) {
        return new Stay(putIn, ready, bestUntil, overcooked, second, grams, loadGrams, volumeMl, servings, side, plate);
    }

    /** The same still in the broth, which takes so much longer to cook it [s]. */
    public Stay slower(int seconds) {
        return later(seconds).since(putIn);
    }

    private Stay since(int second) {
        return new Stay(
                second, ready, bestUntil, overcooked, takeOut, grams, loadGrams, volumeMl, servings, side, plate);
    }

    public boolean isInside(int second) {
        return putIn <= second && second < takeOut;
    }
}
