package org.livelyladle.core.table;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.safety.SideAccess;

/**
 * The table at the moment the plan is looked at.
 *
 * @param at from sitting down [s]; 0 before
 * @param started somebody sat down
 * @param satDown when, as an instant in ISO 8601; null before
 * @param paused nothing is put in for the time being
 * @param finished the meal is over
 * @param cues what is still to do, the most urgent first; what should have been done keeps the time it should have had
 * @param inPot what is in the broths
 * @param needs what guests said they keep away from, beyond the brief
 * @param warnings what to heed, the gravest first: broth that is too cold, what is closed to whom, what came out too soon,
 *     and what was ignored
 * @param moved what goes in otherwise than planned, and why
 */
public record Now(
        int at,
        boolean started,
        @Nullable String satDown,
        boolean paused,
        boolean finished,
        List<Cue> cues,
        List<InPot> inPot,
        List<SideNow> sides,
        List<GuestNow> guests,
        List<Spare> spare,
        List<SaidNeed> needs,
        List<String> warnings,
        List<String> moved) {

    public Now {
        cues = List.copyOf(cues);
        inPot = List.copyOf(inPot);
        sides = List.copyOf(sides);
        guests = List.copyOf(guests);
        spare = List.copyOf(spare);
        needs = List.copyOf(needs);
        warnings = List.copyOf(warnings);
        moved = List.copyOf(moved);
    }

    /** Before anybody sat down. */
    public static Now notStarted() {
        return new Now(
                0, false, null, false, false, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of());
    }

    /** After the meal. */
    public static Now over(int at, String satDown) {
        return new Now(
                at, true, satDown, false, true, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of());
    }

    /** The same with what guests said of themselves. */
    public Now hearing(List<SaidNeed> needs) {
        return new Now(
                at, started, satDown, paused, finished, cues, inPot, sides, guests, spare, needs, warnings, moved);
    }

    /**
     * A need a guest said, which is kept until the host takes it back.
     *
     * @param event that told of it
     * @param label as one says it
     * @param heard by the host
     */
    public record SaidNeed(UUID event, String guest, NeedKind need, String label, boolean heard) {}

    /**
     * Something in a broth [s from sitting down].
     *
     * @param stay which of its drop's stays, from 0
     * @param due when it should come out
     * @param minded somebody takes it out for others
     * @param eaters whom it is for
     */
    public record InPot(
            String drop,
            int stay,
            String cut,
            String name,
            String side,
            int putIn,
            int ready,
            int bestUntil,
            int overcooked,
            int due,
            boolean minded,
            List<String> eaters) {
        public InPot {
            eaters = List.copyOf(eaters);
        }
    }

    /**
     * A side as it should be by what was read and done.
     *
     * @param celsius [°C]
     * @param ml broth [ml]
     * @param saltPercent [g per 100 g]
     * @param fellIn names of what fell in that was not meant for it
     */
    public record SideNow(
            String side,
            double celsius,
            double ml,
            double saltPercent,
            List<SideAccess.Closed> closedTo,
            List<String> fellIn) {
        public SideNow {
            fellIn = List.copyOf(fellIn);
            closedTo = List.copyOf(closedTo);
        }
    }

    /**
     * A guest [s from sitting down, g].
     *
     * @param there at the table and still eating
     * @param grams eaten so far
     * @param lastBite null before the first
     * @param nextBite null after the last
     */
    public record GuestNow(
            String guest,
            boolean there,
            double grams,
            @Nullable Integer lastBite,
            @Nullable Integer nextBite) {}

    /**
     * What nobody is going to eat any more, so that somebody else may [g].
     *
     * @param mayEat ids of the guests whose needs it keeps
     */
    public record Spare(String cut, double grams, String amount, List<String> mayEat) {
        public Spare {
            mayEat = List.copyOf(mayEat);
        }
    }
}
