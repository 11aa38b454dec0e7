package org.livelyladle.core.table;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.safety.SideAccess;

/**
 * The sequence of the evening.
 *
 * @param everybodyEats when the last of the guests has had a first bite, from sitting down or arriving [s]
 * @param longestWait the longest time any guest sits before an empty bowl, until nine tenths are eaten [s]
 * @param cuesPerMinute what the busiest minder does a minute; what is done at one pot within 20 s counts as one
 * @param mostCues the most of them in any two minutes
 * @param cues what minders do, by time
 * @param doneness wishes for doneness and how far they are met
 * @param sides what each side is kept clean for and holds
 * @param courses in which it is eaten, noodles apart
 * @param beside what never goes into a pot
 * @param ending what the meal ends with; null where none is wanted, or no side can take it
 * @param soupRounds when soup can be ladled from each side
 * @param reasons why each drop is where it is
 * @param score the aims and what is reached of each
 * @param audit the hard rules it breaks, judged from scratch; none
 * @param now the table at the moment the plan is looked at
 */
public record TablePlan(
        int mealSeconds,
        Figure everybodyEats,
        Figure longestWait,
        Figure cuesPerMinute,
        Figure mostCues,
        List<Drop> drops,
        List<Cue> cues,
        List<Done> doneness,
        List<GuestPace> guests,
        List<SideUse> sides,
        List<Remainder> remainders,
        List<BeatenPin> beatenPins,
        List<Course> courses,
        List<Beside> beside,
        @Nullable EndingPlan ending,
        List<SoupRound> soupRounds,
        List<Sequence.Reason> reasons,
        List<ScoreTerm> score,
        List<Violation> audit,
        Now now) {

    public TablePlan {
        drops = List.copyOf(drops);
        cues = List.copyOf(cues);
        doneness = List.copyOf(doneness);
        guests = List.copyOf(guests);
        sides = List.copyOf(sides);
        remainders = List.copyOf(remainders);
        beatenPins = List.copyOf(beatenPins);
        courses = List.copyOf(courses);
        beside = List.copyOf(beside);
        reasons = List.copyOf(reasons);
        soupRounds = List.copyOf(soupRounds);
        score = List.copyOf(score);
        audit = List.copyOf(audit);
    }

    /** The same at a moment of the evening. */
    public TablePlan at(Now moment) {
        return new TablePlan(
                mealSeconds,
                everybodyEats,
                longestWait,
                cuesPerMinute,
                mostCues,
                drops,
                cues,
                doneness,
                guests,
                sides,
                remainders,
                beatenPins,
                courses,
                beside,
                ending,
                soupRounds,
                reasons,
                score,
                audit,
                moment);
    }

    /** What somebody puts in for others before anybody sits down. */
    public List<Drop> preloads() {
        return drops.stream().filter(Drop::preloaded).toList();
    }

    /** What a guest finds in the bowl, cooked in the kitchen [g]. */
    public record Beside(String guest, String cut, double grams, String amount) {}

    /**
     * How one guest fares.
     *
     * @param firstBite from sitting down or arriving [s]
     * @param longestWait from when the bowl is empty to the next bite, until nine tenths are eaten [s]
     * @param sides the sides this guest may eat from all evening
     * @param bites when the guest gets something [s from sitting down]
     * @param waits from when the bowl is empty to the next bite, until nine tenths are eaten
     */
    public record GuestPace(
            String guest,
            Figure firstBite,
            Figure longestWait,
            List<String> sides,
            List<Bite> bites,
            List<Wait> waits) {
        public GuestPace {
            sides = List.copyOf(sides);
            bites = List.copyOf(bites);
            waits = List.copyOf(waits);
        }
    }

    /** A time with nothing to eat [s from sitting down]. */
    public record Wait(int from, int to) {}

    /**
     * How far a guest gets a cut cooked.
     *
     * @param seconds in the side it is cooked in, the slowest where there are several [s]
     * @param against why it is not as wanted; empty when it is
     */
    public record Done(
            String guest, String cut, Doneness wanted, Doneness served, int seconds, String time, String against) {}

    /** Something to eat, from a drop [s from sitting down, g]. */
    public record Bite(int at, double grams, String drop) {}

    /**
     * What becomes of a side.
     *
     * @param cleanFor guests with a need for whom it is kept clean
     * @param closedTo guests who cannot eat from it, each with the reason
     * @param cuts what goes in over the evening
     */
    public record SideUse(String side, List<String> cleanFor, List<SideAccess.Closed> closedTo, List<String> cuts) {
        public SideUse {
            cleanFor = List.copyOf(cleanFor);
            closedTo = List.copyOf(closedTo);
            cuts = List.copyOf(cuts);
        }
    }

    /** A portion, or part of one, that cannot be cooked, and why [g]. */
    public record Remainder(String guest, String cut, double grams, String amount, Cause cause, String reason) {}

    /** Why a portion stays uncooked. */
    public enum Cause {
        /** No side is open to the guest at all. */
        NO_SIDE,
        /** No side open to the guest may hold this cut. */
        NO_SIDE_FOR_CUT,
        /** The pots have no room for it within the meal. */
        NO_ROOM,
        /** It is raw, and no side open to the guest stays hot enough to cook it safely. */
        TOO_COOL,
        /** No side open to the guest takes as much as one piece at once. */
        TOO_SMALL,
        /** Nothing but what is dipped goes into the pots. */
        DIPPED_ONLY,
        /** The guest is not at the table while it could be cooked. */
        ABSENT,
        /** The guest has left, or wants no more. */
        NO_MORE,
        /** The guest wants none of it. */
        DECLINED,
        /** The guest said during the meal that they keep away from it. */
        NEED,
        /** It is in a pot, and the guest has left or wants no more. */
        IN_THE_POT,
        /** It went in, and was eaten by nobody it was for. */
        GONE,
        /** Others had it while the guest wanted no more. */
        EATEN_BY_OTHERS,
        /** There is none left of it. */
        USED_UP,
        /** The host skipped it. */
        SKIPPED;

        /** It is there, and nobody it was for is going to eat it. */
        public boolean leavesItToOthers() {
            return this == NO_MORE || this == DECLINED || this == NEED || this == SKIPPED;
        }
    }

    /**
     * A pinned drop that does not go in where and when it was to.
     *
     * @param nearestSide where it does; null where there is no such drop any more
     * @param nearestMinute when it does [min from sitting down]
     * @param reason what is in the way, to come after "but"
     * @param violation the hard rule in the way; null where it is none
     */
    public record BeatenPin(
            String cut,
            String side,
            int batch,
            double wantedMinute,
            @Nullable String nearestSide,
            @Nullable Double nearestMinute,
            String reason,
            @Nullable Violation violation) {}
}
