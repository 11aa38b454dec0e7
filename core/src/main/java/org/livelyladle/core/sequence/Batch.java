package org.livelyladle.core.sequence;

import java.util.List;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.table.Drop;

/**
 * A drop that has no time yet.
 *
 * @param wish where in the meal it belongs by the school of order, 0 at the start to 1 at the finish
 * @param earliest before this nobody for whom it is may be at the table [s]
 * @param latest after this somebody for whom it is has left [s]
 * @param startsFrozen goes in from the freezer
 */
record Batch(
        Cut cut,
        String name,
        Side side,
        Side homeSide,
        int number,
        List<Drop.Serving> servings,
        CookingWindow window,
        double wish,
        int earliest,
        int latest,
        boolean startsFrozen) {

    /** A take-out this long after ready still leaves slack on both sides [s]. */
    private static final int LATEST_SLACK_SECONDS = 20;
    /** Time for eating one slice before the next is dipped [s]; memory. */
    private static final int CHEW_SECONDS = 20;
    /** Raw leaves take this much room until wilted [g/ml]; memory. */
    private static final double LEAF_BULK_G_PER_ML = 0.15;
    /** Food displaces broth at this density [g/ml]. */
    private static final double FOOD_G_PER_ML = 1.05;

    /** From putting in to taking out [s]: somewhat after ready, on the grid of the sequence where a helper does it. */
    int offset() {
        return offset(cut, window);
    }

    static int offset(Cut cut, CookingWindow window) {
        int offset = handOffset(window);
        return cut.byHand()
                ? offset
                : Math.max(window.readySeconds(), Math.min(roundUp(offset), window.bestUntilSeconds()));
    }

    private static int handOffset(CookingWindow window) {
        int slack = Math.min(LATEST_SLACK_SECONDS, (window.bestUntilSeconds() - window.readySeconds()) / 2);
        return window.readySeconds() + slack;
    }

    /** From one dipped slice to the next [s]. */
    static int everySeconds(Cut cut, CookingWindow window) {
        return cut.byHand() ? roundUp(handOffset(window) + CHEW_SECONDS) : 0;
    }

    boolean byHand() {
        return cut.byHand();
    }

    double grams() {
        return servings.stream().mapToDouble(Drop.Serving::grams).sum();
    }

    int repeats() {
        return byHand() ? servings.stream().mapToInt(Drop.Serving::pieces).max().orElse(1) : 1;
    }

    int everySeconds() {
        return everySeconds(cut, window);
    }

    /** From putting in the first to taking out the last [s]. */
    int duration() {
        return offset() + (repeats() - 1) * everySeconds();
    }

    /** What is in the broth at one time [g]. */
    double loadGrams() {
        Double piece = cut.pieceGrams();
        double grams = byHand() && piece != null ? servings.size() * piece : grams();
        return grams * cut.swell();
    }

    double volumeMl() {
        return volumeMl(cut, loadGrams());
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
        return new Batch(cut, name, other, homeSide, number, servings, there, wish, earliest, latest, startsFrozen);
    }

    Drop at(int putIn, String amount, boolean pinned) {
        return new Drop(
                "drop." + cut.id() + "@" + homeSide.id() + "." + number,
                cut.id(),
                name,
                side.id(),
                homeSide.id(),
                number,
                byHand(),
                grams(),
                amount,
                loadGrams(),
                volumeMl(),
                servings,
                putIn,
                putIn + window.readySeconds(),
                putIn + window.bestUntilSeconds(),
                putIn + window.overcookedSeconds(),
                putIn + duration(),
                repeats(),
                everySeconds(),
                pinned);
    }
}
