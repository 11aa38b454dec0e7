package org.livelyladle.core.sequence;

import java.util.List;
import org.livelyladle.core.brief.Guest;

/**
 * When somebody, or all of some, are at the table.
 *
 * @param from [s from sitting down]
 * @param until not before {@code from} unless they never meet [s]
 */
record Presence(int from, int until) {

    static Presence of(Guest guest, int mealSeconds) {
        return new Presence(guest.arrivesAfterMinutes() * 60, guest.leavesWithin(mealSeconds / 60) * 60);
    }

    /** When all of them are there at once. */
    static Presence common(List<Demand> demands, int mealSeconds) {
        Presence common = new Presence(0, mealSeconds);
        for (Demand demand : demands) {
            common = common.and(of(demand.guest(), mealSeconds));
        }
        return common;
    }

    Presence and(Presence other) {
        return new Presence(Math.max(from, other.from), Math.min(until, other.until));
    }

    boolean holds(int start, int end) {
        return from <= start && end <= until;
    }

    boolean includes(double second) {
        return from <= second && second <= until;
    }
}
