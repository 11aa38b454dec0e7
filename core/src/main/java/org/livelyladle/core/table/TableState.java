package org.livelyladle.core.table;

import static java.util.Objects.requireNonNullElse;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.check.Check;

/**
 * The table at a moment, as it came to be. Whatever is left out has not happened.
 *
 * @param at from sitting down [s]; nothing that is still to come is put in before; before the meal when left out
 * @param pausedSeconds for which nothing was put in so far, for a speech say; all that is still to come is so much later,
 *     and so is the finish [s]
 * @param begun drops of which something went in, with only those stays: as they happened, and those still in the broth
 *     as they should end
 * @param fellIn what fell into a side that was not meant for it
 * @param guests who came or went at another time than planned, or wants no more
 * @param usedUp cuts of which there is none left to put in
 * @param skipped ids of drops that are not going to be cooked
 * @param wants who wants more than planned, in order: a helping of what others leave
 * @param read what was measured in sides; each holds from its moment on
 * @param poured what was poured into sides
 * @param gone what went in and was eaten by nobody it was for
 * @param declined who wants no more of a cut
 * @param needs what guests said during the meal that they keep away from
 * @param heat what pots were set to, until the moment of the state or another setting
 */
public record TableState(
        @Nullable Integer at,
        @Nullable Integer pausedSeconds,
        @Nullable List<Drop> begun,
        @Nullable List<FellIn> fellIn,
        @Nullable List<Present> guests,
        @Nullable List<String> usedUp,
        @Nullable List<String> skipped,
        @Nullable List<Wanted> wants,
        @Nullable List<Reading> read,
        @Nullable List<Pouring> poured,
        @Nullable List<Heat> heat,
        @Nullable List<Gone> gone,
        @Nullable List<Wanted> declined,
        @Nullable List<NeedSince> needs) {
    /** Before anything could have happened [s from sitting down]. */
    private static final int BEFORE = -7200;

    private static final int LATEST = 36_000;
    private static final int MOST_DROPS = 1000;
    private static final int MOST_CUTS = 150;
    private static final int MOST_GRAMS = 100_000;
    private static final int MOST_READINGS = 20_000;
    /** Beyond this no thermometer is in a broth [°C]. */
    private static final double COLDEST = -5;

    private static final double HOTTEST = 130;
    private static final double MOST_ML = 20_000;
    private static final double MOST_SALT_PERCENT = 30;
    private static final int LONGEST_MEAL = 240;
    /** A guest is at the table for so long at least [min]. */
    private static final int LEAST_STAY = 10;

    /** An ingredient in a side that it was not meant for [s from sitting down]. */
    public record FellIn(String side, String ingredient, int at) {
        public FellIn {
            side = Check.id(side, "side");
            ingredient = Check.id(ingredient, "ingredient");
            Check.range(at, "at", BEFORE, LATEST);
        }
    }

    /**
     * A serving that went in and is not there any more: not found, fallen down, or eaten by somebody else.
     *
     * @param pieces 0 for what is served by weight
     */
    public record Gone(String guest, String cut, double grams, int pieces) {
        public Gone {
            guest = Check.id(guest, "guest");
            cut = Check.id(cut, "cut");
            Check.range(grams, "grams", 0, MOST_GRAMS);
            Check.range(pieces, "pieces", 0, MOST_GRAMS);
        }
    }

    /** A guest and a cut: of which another helping is wanted, or none. */
    public record Wanted(String guest, String cut) {
        public Wanted {
            guest = Check.id(guest, "guest");
            cut = Check.id(cut, "cut");
        }
    }

    /**
     * A need nobody knew of before.
     *
     * @param at since when it is kept; what was eaten before is eaten [s from sitting down]
     */
    public record NeedSince(String guest, NeedKind need, int at) {
        public NeedSince {
            guest = Check.id(guest, "guest");
            Check.present(need, "need");
            Check.range(at, "at", BEFORE, LATEST);
        }
    }

    /**
     * What was measured in a side [s from sitting down]; null what was not.
     *
     * @param celsius [°C]
     * @param ml broth in it [ml]
     * @param saltPercent [g per 100 g]
     */
    public record Reading(
            String side,
            @Nullable Double celsius,
            @Nullable Double ml,
            @Nullable Double saltPercent,
            int at) {
        public Reading {
            side = Check.id(side, "side");
            Check.rangeOrNone(celsius, "celsius", COLDEST, HOTTEST);
            Check.rangeOrNone(ml, "ml", 0, MOST_ML);
            Check.rangeOrNone(saltPercent, "saltPercent", 0, MOST_SALT_PERCENT);
            Check.range(at, "at", BEFORE, LATEST);
        }
    }

    /** What was poured into a side, hot from the kettle or the pan [ml, s from sitting down]. */
    public record Pouring(String side, double ml, Liquid what, int at) {
        public Pouring {
            side = Check.id(side, "side");
            Check.range(ml, "ml", 0, MOST_ML);
            Check.present(what, "what");
            Check.range(at, "at", BEFORE, LATEST);
        }
    }

    public enum Liquid {
        WATER,
        RESERVE
    }

    /**
     * What a pot was set to [s from sitting down].
     *
     * @param share of full [1]; as the plan would have it when null
     */
    public record Heat(String pot, @Nullable Double share, int at) {
        public Heat {
            pot = Check.id(pot, "pot");
            Check.rangeOrNone(share, "share", 0, 1);
            Check.range(at, "at", BEFORE, LATEST);
        }
    }

    /**
     * A guest who is there at other times than planned; null where as planned [s from sitting down].
     *
     * @param full since when the guest wants no more
     */
    public record Present(
            String guest,
            @Nullable Integer arrived,
            @Nullable Integer left,
            @Nullable Integer full) {
        public Present {
            guest = Check.id(guest, "guest");
            inTime(arrived, "arrived");
            inTime(left, "left");
            inTime(full, "full");
        }

        private static void inTime(@Nullable Integer second, String field) {
            if (second != null) {
                Check.range(second, field, BEFORE, LATEST);
            }
        }

        public Present arriving(int second) {
            return new Present(guest, second, left, full);
        }

        public Present leaving(int second) {
            return new Present(guest, arrived, second, full);
        }

        public Present fullSince(int second) {
            return new Present(guest, arrived, left, full == null ? second : full);
        }

        public Present hungryAgain() {
            return new Present(guest, arrived, left, null);
        }

        /** Full, or away, when something came out. */
        private boolean missed(int second) {
            boolean wasAway = left != null && left < second && (arrived == null || arrived < left || arrived > second);
            return full != null && full < second || wasAway;
        }

        /** Left and not come back, or wants no more. */
        public boolean wantsNoMore() {
            return noMoreSince() != null;
        }

        /** From when on the guest is full, or away; null while neither [s from sitting down]. */
        public @Nullable Integer noMoreSince() {
            Integer away = left == null || arrived != null && arrived >= left ? null : left;
            return full == null || away != null && away < full ? away : full;
        }
    }

    public TableState {
        at = requireNonNullElse(at, BEFORE);
        Check.range(at, "at", BEFORE, LATEST);
        pausedSeconds = requireNonNullElse(pausedSeconds, 0);
        Check.range(pausedSeconds, "pausedSeconds", 0, LATEST);
        begun = Check.distinct(requireNonNullElse(begun, List.<Drop>of()), "begun", MOST_DROPS, Drop::id).stream()
                .sorted(Comparator.comparing(Drop::id))
                .toList();
        fellIn = Check.list(requireNonNullElse(fellIn, List.<FellIn>of()), "fellIn", MOST_DROPS).stream()
                .sorted(Comparator.comparingInt(FellIn::at)
                        .thenComparing(FellIn::side)
                        .thenComparing(FellIn::ingredient))
                .toList();
        guests = Check.distinct(
                requireNonNullElse(guests, List.<Present>of()), "guests", Brief.MOST_GUESTS, Present::guest);
        usedUp = List.copyOf(Check.list(requireNonNullElse(usedUp, List.<String>of()), "usedUp", MOST_CUTS));
        skipped = List.copyOf(Check.list(requireNonNullElse(skipped, List.<String>of()), "skipped", MOST_DROPS));
        wants = List.copyOf(Check.list(requireNonNullElse(wants, List.<Wanted>of()), "wants", MOST_DROPS));
        read = Check.list(requireNonNullElse(read, List.<Reading>of()), "read", MOST_READINGS).stream()
                .sorted(Comparator.comparingInt(Reading::at).thenComparing(Reading::toString))
                .toList();
        poured = Check.list(requireNonNullElse(poured, List.<Pouring>of()), "poured", MOST_READINGS).stream()
                .sorted(Comparator.comparingInt(Pouring::at).thenComparing(Pouring::toString))
                .toList();
        heat = List.copyOf(Check.list(requireNonNullElse(heat, List.<Heat>of()), "heat", MOST_READINGS));
        gone = Check.list(requireNonNullElse(gone, List.<Gone>of()), "gone", MOST_READINGS).stream()
                .sorted(Comparator.comparing(Gone::toString))
                .toList();
        declined = List.copyOf(Check.list(requireNonNullElse(declined, List.<Wanted>of()), "declined", MOST_DROPS));
        needs = Check.list(requireNonNullElse(needs, List.<NeedSince>of()), "needs", MOST_DROPS).stream()
                .sorted(Comparator.comparingInt(NeedSince::at)
                        .thenComparing(NeedSince::guest)
                        .thenComparing(NeedSince::need))
                .toList();
    }

    /** Before the meal: nothing has happened. */
    public static TableState empty() {
        return new TableState(null, null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    public boolean isEmpty() {
        return equals(empty());
    }

    /** Whether the broths are known to be otherwise than foreseen. */
    public boolean tellsOfBroths() {
        return !read.isEmpty() || !poured.isEmpty() || !heat.isEmpty();
    }

    public boolean wantsNoMore(String guest) {
        return of(guest).map(Present::wantsNoMore).orElse(false);
    }

    public boolean declines(Guest guest, Cut cut) {
        return declined.contains(new Wanted(guest.id(), cut.id()));
    }

    /** A guest, of what turned out, as known when something came out: a need said later does not take back what was eaten. */
    public Guest knownAt(Guest guest, int second) {
        List<NeedKind> later = needs.stream()
                .filter(said -> said.guest().equals(guest.id()) && said.at() >= second)
                .map(NeedSince::need)
                .toList();
        return later.isEmpty() ? guest : guest.notYetNeeding(later);
    }

    /** Whether a guest was full or away when something came out [s from sitting down]. */
    public boolean missed(String guest, int second) {
        return of(guest).map(present -> present.missed(second)).orElse(false);
    }

    private Optional<Present> of(String guest) {
        return guests.stream().filter(present -> present.guest().equals(guest)).findFirst();
    }

    /** The brief as it turned out: who came and went when, what they need, and a meal longer by what it paused. */
    public Brief turnedOut(Brief brief) {
        int minutes = Math.min(LONGEST_MEAL, brief.mealMinutes() + (pausedSeconds + 59) / 60);
        return brief.sittingFor(minutes)
                .seating(brief.guests().stream()
                        .map(guest -> of(guest.id())
                                .map(present -> turnedOut(guest, present))
                                .orElse(guest))
                        .map(guest -> guest.alsoNeeding(needs.stream()
                                .filter(said -> said.guest().equals(guest.id()))
                                .map(NeedSince::need)
                                .toList()))
                        .toList());
    }

    private static Guest turnedOut(Guest guest, Present present) {
        int arrives = present.arrived() == null
                ? guest.arrivesAfterMinutes()
                : Math.max(0, Math.min(LONGEST_MEAL - LEAST_STAY, present.arrived() / 60));
        Integer leaves = guest.leavesAfterMinutes();
        if (present.left() != null && present.wantsNoMore()) {
            leaves = (present.left() + 59) / 60;
        }
        return guest.staying(
                arrives, leaves == null ? null : Math.min(LONGEST_MEAL, Math.max(arrives + LEAST_STAY, leaves)));
    }
}
