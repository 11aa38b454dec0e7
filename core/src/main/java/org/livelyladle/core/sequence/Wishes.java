package org.livelyladle.core.sequence;

import org.livelyladle.core.table.ScoreTerm.Kind;

/**
 * What is wanted of an evening beside short waits, and how much each counts against them: more while its aim is missed,
 * less while it is met with room to spare. All from memory.
 */
final class Wishes {
    /** What the mean squared distance from the tempo counts, averaged over the guests. */
    private static final double TEMPO = 2800;
    /** What each bite counts when the bowl is as full as it should be at most. */
    private static final double BOWL = 5;
    /** What ten minutes, squared, from the place in the order count, averaged over the batches. */
    private static final double ORDER = 320;

    /** What is missed counts so many times as much each time it is looked at, and what is met so many times less. */
    private static final double MORE = 1.6;
    /** But never so many times as much, or less, as at first; the order is the host's word and never counts less. */
    private static final double LIMIT = 4;
    /** What is below this share of its aim is met with room to spare [1]. */
    private static final double TO_SPARE = 0.8;

    private static final class Wish {
        private final double least;
        private final double most;
        private double weight;

        private Wish(double usual, double lower) {
            this.least = usual / lower;
            this.most = usual * LIMIT;
            this.weight = usual;
        }

        private void heed(double value, double aim) {
            if (value > aim) {
                weight = Math.min(most, weight * MORE);
            } else if (value < TO_SPARE * aim) {
                weight = Math.max(least, weight / MORE);
            }
        }
    }

    private final Wish tempo;
    private final Wish bowl = new Wish(BOWL, LIMIT);
    private Wish order = new Wish(ORDER, 1);
    private int version;

    Wishes(int guests) {
        this.tempo = new Wish(TEMPO / Math.max(1, guests), LIMIT);
    }

    /** There are so many batches to have a place in the order. */
    void among(int batches) {
        order = new Wish(ORDER / Math.max(1, batches), 1);
    }

    /** What is missed counts for more from now on. */
    void heed(Judgement judged, Aims aims) {
        tempo.heed(judged.tempo(), aims.of(Kind.TEMPO).most());
        bowl.heed(judged.bowl(), aims.of(Kind.BOWL).most());
        order.heed(judged.order(), aims.of(Kind.ORDER).most());
        version++;
    }

    /** What a guest's mean squared distance from the tempo counts. */
    double tempo() {
        return tempo.weight;
    }

    /** What a bite counts when the bowl is as full as it should be at most. */
    double bowl() {
        return bowl.weight;
    }

    /** What ten minutes, squared, from its place in the order count for a batch. */
    double order() {
        return order.weight;
    }

    /** Another whenever what guests' evenings cost is another. */
    int version() {
        return version;
    }
}
