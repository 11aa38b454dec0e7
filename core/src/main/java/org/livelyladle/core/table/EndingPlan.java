package org.livelyladle.core.table;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Ending;

/**
 * What the meal ends with, in one side, which is free of all else by then.
 *
 * @param from when it begins [s from sitting down]
 * @param minder who makes it; null where nobody can
 * @param eaters whom it is for
 * @param without who is at the table and does not get it, and why
 * @param parts what goes in besides the broth
 */
public record EndingPlan(
        Ending.Kind kind,
        String side,
        int from,
        int until,
        @Nullable String minder,
        List<String> eaters,
        List<Without> without,
        List<Part> parts,
        List<Step> steps) {

    public EndingPlan {
        eaters = List.copyOf(eaters);
        without = List.copyOf(without);
        parts = List.copyOf(parts);
        steps = List.copyOf(steps);
    }

    /** The same for all but these. */
    public EndingPlan but(List<Without> more) {
        List<String> out = more.stream().map(Without::guest).toList();
        return new EndingPlan(
                kind,
                side,
                from,
                until,
                minder,
                eaters.stream().filter(guest -> !out.contains(guest)).toList(),
                Stream.concat(without.stream(), more.stream()).toList(),
                parts,
                steps);
    }

    /** A guest who gets none of it. */
    public record Without(String guest, String reason) {}

    /**
     * An ingredient of it.
     *
     * @param each for one regular eater [g]
     * @param portions regular eaters it is for, by appetite [1]
     * @param grams in all, as eaten [g]
     */
    public record Part(String ingredient, String name, double each, double portions, double grams) {}

    /** Something to do [s from sitting down]. */
    public record Step(int at, String text) {}
}
