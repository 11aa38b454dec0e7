package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.table.Stay;

/**
 * What goes in together and has no time yet: food for everybody it is for, or, of a dish that is dipped, one turn of one
 * guest.
 *
 * @param place where in the meal it belongs by the school of order
 * @param earliest before this nobody for whom it is may be at the table [s]
 * @param latest after this somebody for whom it is has left [s]
 */
record Batch(
        Dish dish,
        String name,
        Side side,
        Side homeSide,
        int number,
        List<Stay.Serving> servings,
        CookingWindow window,
        OrderOfEating.Place place,
        int earliest,
        int latest) {

    /** A take-out this long after ready still leaves slack on both sides [s]. */
    private static final int SLACK_SECONDS = 20;
    /** Time for eating one slice before the next is dipped [s]; memory. */
    private static final int CHEW_SECONDS = 20;
    /** From one piece fished out to the next of the same guest, where the window is long enough [s]; memory. */
    private static final int FISH_EVERY_SECONDS = 150;
    /** Pieces are fished no quicker than this [s]; memory. */
    private static final int FISH_AT_LEAST_SECONDS = 45;
    /** What is served by weight is fished in helpings of about this size [g]; memory. */
    private static final double FISHED_G = 25;
    /** Raw leaves take this much room until wilted [g/ml]; memory. */
    private static final double LEAF_BULK_G_PER_ML = 0.15;
    /** Food displaces broth at this density [g/ml]. */
    private static final double FOOD_G_PER_ML = 1.05;

    /**
     * From putting in to taking the first out [s] where it does not linger: somewhat after ready, on the grid where it is
     * not held.
     */
    int offset() {
        return offset(dish, window);
    }

    static int offset(Dish dish, CookingWindow window) {
        int offset = window.readySeconds() + slack(window);
        if (dish.inTurns()) {
            return offset;
        }
        if (dish.eatenLast()) {
            offset = Math.max(offset, (window.readySeconds() + window.bestUntilSeconds()) / 2);
        }
        return Math.max(window.readySeconds(), Math.min(roundUp(offset), window.bestUntilSeconds()));
    }

    private static int slack(CookingWindow window) {
        return Math.min(SLACK_SECONDS, (window.bestUntilSeconds() - window.readySeconds()) / 2);
    }

    /** From one dipped slice to the next [s]. */
    static int everySeconds(Dish dish, CookingWindow window) {
        return dish.dipped() ? roundUp(window.readySeconds() + slack(window) + CHEW_SECONDS) : 0;
    }

    Cut cut() {
        return dish.cut();
    }

    boolean byHand() {
        return dish.dipped();
    }

    double grams() {
        return servings.stream().mapToDouble(Stay.Serving::grams).sum();
    }

    /** Slices of a turn, one after another; all else goes in once. */
    int repeats() {
        return byHand() ? Math.max(1, servings.get(0).pieces()) : 1;
    }

    int everySeconds() {
        return everySeconds(dish, window);
    }

    /** Whether eaters fish it out piece by piece, each in their own time. */
    static boolean isFished(Dish dish, CookingWindow window) {
        return dish.shared()
                && !dish.lifted()
                && window.bestUntilSeconds() - window.readySeconds() >= Stay.FORGIVING_SECONDS;
    }

    /** Times a guest bites of a serving. */
    int bites(Stay.Serving serving) {
        if (byHand()) {
            return repeats();
        }
        if (!isFished(dish, window)) {
            return 1;
        }
        int wanted = serving.pieces() > 0 ? serving.pieces() : (int) Math.round(serving.grams() / FISHED_G);
        return Math.max(1, Math.min(wanted, 1 + fishingSeconds() / FISH_AT_LEAST_SECONDS));
    }

    /** From the first take-out to the last that leaves slack [s]. */
    private int fishingSeconds() {
        return Math.max(0, window.bestUntilSeconds() - slack(window) - offset());
    }

    private int mostBites() {
        return servings.stream().mapToInt(this::bites).max().orElse(1);
    }

    /** From one bite of a guest to the next [s]. */
    private int betweenBites() {
        if (byHand()) {
            return everySeconds();
        }
        int most = mostBites();
        int between = most == 1 ? 0 : Math.min(FISH_EVERY_SECONDS, fishingSeconds() / (most - 1));
        return between / TablePlanner.GRID_SECONDS * TablePlanner.GRID_SECONDS;
    }

    /** From putting in to each bite of a serving, in order of time [s]. */
    int[] biteOffsets(Stay.Serving serving) {
        int[] offsets = new int[bites(serving)];
        int between = betweenBites();
        for (int i = 0; i < offsets.length; i++) {
            offsets[i] = offset() + i * between;
        }
        return offsets;
    }

    /** From putting in the first to taking out the last [s] where it does not linger. */
    int duration() {
        return offset() + (mostBites() - 1) * betweenBites();
    }

    /**
     * How much longer it may linger in the broth before the first comes out, with slack left for the last [s]: what
     * somebody looks after goes in when that suits, and is eaten when that suits.
     */
    int mostLinger() {
        if (!dish.shared() || dish.lifted()) {
            return 0;
        }
        int spare = window.bestUntilSeconds() - slack(window) - duration();
        return Math.max(0, spare / TablePlanner.GRID_SECONDS * TablePlanner.GRID_SECONDS);
    }

    static double volumeMl(Cut cut, double loadGrams) {
        return loadGrams / densityInPot(cut);
    }

    /** Grams of a cut that take a millilitre of room [g/ml]. */
    static double densityInPot(Cut cut) {
        return cut.shape() == Shape.LEAF ? LEAF_BULK_G_PER_ML : FOOD_G_PER_ML;
    }

    /** Up to the five-second grid of the sequence. */
    static int roundUp(double seconds) {
        return (int) Math.ceil(seconds / TablePlanner.GRID_SECONDS) * TablePlanner.GRID_SECONDS;
    }

    Batch movedTo(Side other, CookingWindow there) {
        return new Batch(dish, name, other, homeSide, number, servings, there, place, earliest, latest);
    }

    Batch numbered(int other) {
        return new Batch(dish, name, side, homeSide, other, servings, window, place, earliest, latest);
    }

    /**
     * The stays it consists of when it goes in at a time.
     *
     * @param pot of its side
     * @param putIn into the broth [s from sitting down]
     * @param linger longer in the broth than it must be [s]
     */
    List<Stay> stays(String pot, int putIn, int linger) {
        List<Stay> stays = new ArrayList<>();
        int between = betweenBites();
        if (dish.brownsFor() > 0) {
            stays.add(Stay.onPlate(pot, putIn - dish.brownsFor(), putIn, grams()));
        }
        for (int i = 0; i < mostBites(); i++) {
            List<Stay.Serving> parts = new ArrayList<>();
            for (Stay.Serving serving : servings) {
                if (i < bites(serving)) {
                    parts.add(part(serving, i, bites(serving)));
                }
            }
            int in = byHand() ? putIn + i * between : putIn;
            stays.add(stay(in, putIn + linger + offset() + i * between, parts));
        }
        return stays;
    }

    private Stay stay(int in, int out, List<Stay.Serving> parts) {
        double grams = parts.stream().mapToDouble(Stay.Serving::grams).sum();
        return Stay.inBroth(
                in,
                in + window.readySeconds(),
                in + window.bestUntilSeconds(),
                in + window.overcookedSeconds(),
                out,
                grams,
                grams * cut().swell(),
                volumeMl(cut(), grams * cut().swell()),
                parts);
    }

    /** The i-th of n bites of a serving; whole pieces of what is counted. */
    private static Stay.Serving part(Stay.Serving serving, int i, int n) {
        if (serving.pieces() == 0) {
            return new Stay.Serving(serving.guest(), serving.grams() / n, 0);
        }
        int pieces = serving.pieces() / n + (i < serving.pieces() % n ? 1 : 0);
        return new Stay.Serving(serving.guest(), serving.grams() / serving.pieces() * pieces, pieces);
    }
}
