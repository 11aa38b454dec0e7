package org.livelyladle.core.sequence;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.sequence.Constraint.Breach;
import org.livelyladle.core.table.EndingPlan;

/**
 * When something may be in a pot: while the meal lasts and its eaters are there (hard rule H6), and not while the meal
 * ends in that side (H7).
 */
final class Moments {
    private static final int GRID = TablePlanner.GRID_SECONDS;
    /** Slow things may go in this long before sitting down [s]. */
    static final int PRELOAD_SECONDS = 900;

    /** In the last minute before the meal people are sitting down [s]. */
    static final int SITTING_DOWN_SECONDS = 60;

    private static final String OUTSIDE = "outside the meal";

    private final int mealSeconds;
    private final int from;
    private final @Nullable EndingPlan ending;

    /**
     * @param ending for which its side is free by then
     * @param from before which nothing goes in any more [s from sitting down]
     */
    Moments(Brief brief, @Nullable EndingPlan ending, int from) {
        this.mealSeconds = brief.mealMinutes() * 60;
        this.ending = ending;
        this.from = from;
    }

    List<Constraint> constraints() {
        return List.of(
                this::passed,
                this::notArrived,
                this::beforeTheMeal,
                this::sittingDown,
                this::afterTheMeal,
                this::ending,
                this::left);
    }

    /** Nothing of it leaves the broth before its eaters are there, nor goes in before the table is ready; if it lingers not. */
    int soonest(Placing placing) {
        int table = Math.max(from, ready(placing));
        return Math.max(table + placing.before, Math.max(GRID, placing.batch.earliest()) - placing.offset);
    }

    int latest(Placing placing) {
        return Math.min(openUntil(placing), placing.batch.latest()) - placing.duration;
    }

    /** What somebody looks after for others may go in before sitting down [s from sitting down]. */
    private static int ready(Placing placing) {
        return placing.shared ? -PRELOAD_SECONDS : 0;
    }

    private int openUntil(Placing placing) {
        return ending != null && ending.side().equals(placing.batch.side().id()) ? ending.from() : mealSeconds;
    }

    private static Breach breach(String rule, Placing placing, int had, int limit, String text) {
        return new Breach(rule, placing.batch.cut().id(), had, limit, text);
    }

    private @Nullable Breach passed(Placing placing, int putIn, int linger) {
        int begins = putIn - placing.before;
        return begins < from ? breach("H6", placing, begins, from, "that moment has passed") : null;
    }

    private @Nullable Breach notArrived(Placing placing, int putIn, int linger) {
        int out = putIn + linger + placing.offset;
        int there = placing.batch.earliest();
        return out < there ? breach("H6", placing, out, there, "somebody it is for has not arrived yet") : null;
    }

    private @Nullable Breach beforeTheMeal(Placing placing, int putIn, int linger) {
        int out = putIn + linger + placing.offset;
        if (out < GRID) {
            return breach("H6", placing, out, GRID, OUTSIDE);
        }
        int begins = putIn - placing.before;
        int ready = ready(placing);
        return begins < ready ? breach("H6", placing, begins, ready, OUTSIDE) : null;
    }

    /** Nobody puts anything in for others just then: it is a task of prep or a cue. */
    private @Nullable Breach sittingDown(Placing placing, int putIn, int linger) {
        return placing.shared && putIn < 0 && putIn > -SITTING_DOWN_SECONDS
                ? breach("H6", placing, putIn, -SITTING_DOWN_SECONDS, "people are sitting down then")
                : null;
    }

    private @Nullable Breach afterTheMeal(Placing placing, int putIn, int linger) {
        int out = putIn + linger + placing.duration;
        return out > mealSeconds ? breach("H6", placing, out, mealSeconds, OUTSIDE) : null;
    }

    private @Nullable Breach ending(Placing placing, int putIn, int linger) {
        int out = putIn + linger + placing.duration;
        int until = openUntil(placing);
        return out > until ? breach("H7", placing, out, until, "the side is kept for the ending by then") : null;
    }

    private @Nullable Breach left(Placing placing, int putIn, int linger) {
        int out = putIn + linger + placing.duration;
        int until = placing.batch.latest();
        return out > until ? breach("H6", placing, out, until, "somebody it is for has left by then") : null;
    }
}
