package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.catalogue.Station;

/**
 * What is taken of cooks and kitchen, looked at forwards, or backwards from sitting down: then time is mirrored, and the
 * earliest place found is the latest in truth. All minutes handed in and out are true ones.
 */
final class Room {
    /** Washing a board, its knife and one's hands [min]; memory. */
    static final int WASH_MINUTES = 4;

    private static final int MOST_ROUNDS = 500;

    /** A board with what was cut on it, in mirrored time. */
    private static final class Board {
        private record Use(int from, int to, Station kind) {}

        final List<Use> uses = new ArrayList<>();
    }

    private final Crew crew;
    private final Kitchen kitchen;
    private final boolean mirrored;
    private final boolean choosesBoards;
    private final List<Bookings> cooks;
    private final Bookings nobodyHome;
    private final Map<Station, List<Bookings>> units = new EnumMap<>(Station.class);
    private final Map<Station, ColdRoom> cold = new EnumMap<>(Station.class);
    private final List<Board> boards = new ArrayList<>();
    /** Minutes at it so far, by cook. */
    private final int[] load;

    /** Which way places are looked for. */
    enum Search {
        FORWARDS,
        BACKWARDS,
        /** Backwards, with boards still to be chosen and kept clean; later their order is given by what waits for what. */
        FIRST_DRAFT
    }

    Room(Crew crew, Kitchen kitchen, Outings outings, Search search) {
        this.crew = crew;
        this.kitchen = kitchen;
        this.mirrored = search != Search.FORWARDS;
        this.choosesBoards = search == Search.FIRST_DRAFT;
        this.load = new int[crew.cooks.size()];
        this.cooks = outings.away(mirrored);
        this.nobodyHome = outings.nobodyHome(mirrored);
        for (Station station : List.of(Station.SINK, Station.RING, Station.OVEN, Station.VEGETABLE_BOARD)) {
            units.put(station, bookings(kitchen.count(station)));
        }
        units.get(Station.VEGETABLE_BOARD).forEach(board -> boards.add(new Board()));
        for (Station station : List.of(Station.FRIDGE, Station.FREEZER)) {
            cold.put(station, new ColdRoom(kitchen.count(station)));
        }
    }

    private static List<Bookings> bookings(int count) {
        List<Bookings> list = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            list.add(new Bookings());
        }
        return list;
    }

    private void book(Bookings bookings, int from, int to) {
        if (mirrored) {
            bookings.book(-to, -from);
        } else {
            bookings.book(from, to);
        }
    }

    /** Where a job that ran or runs is taken to be. */
    void take(Job job, Slot slot) {
        int end = slot.start() + job.minutes();
        if (slot.cook() != Slot.NOBODY) {
            book(cooks.get(slot.cook()), slot.start(), slot.start() + job.hands());
            load[slot.cook()] += job.hands();
        }
        if (job.at().isCold()) {
            int from = mirrored ? -end : slot.start();
            cold.get(job.at()).book(from, from + job.minutes(), job.litres());
        } else if (job.at().isBoard()) {
            book(units.get(Station.VEGETABLE_BOARD).get(slot.unit()), slot.start(), end);
        } else if (hasUnits(job.at())) {
            book(units.get(job.at()).get(slot.unit()), slot.start(), end);
        }
    }

    private boolean hasUnits(Station at) {
        return units.containsKey(at) && !units.get(at).isEmpty();
    }

    /** A job placed, with the wash of its board it brings about before or after it, 0 for none [min]. */
    record Placed(Slot slot, int washBefore, int washAfter) {}

    /** Takes a place that was found. */
    void take(Job job, Placed placed) {
        Slot slot = placed.slot();
        take(job, slot);
        if (!choosesBoards || !job.at().isBoard()) {
            return;
        }
        int end = slot.start() + job.minutes();
        Board board = boards.get(slot.unit());
        board.uses.add(new Board.Use(-end, -slot.start(), job.at()));
        wash(board, slot, slot.start() - placed.washBefore(), slot.start());
        wash(board, slot, end, end + placed.washAfter());
    }

    private void wash(Board board, Slot slot, int from, int to) {
        if (to > from) {
            board.uses.add(new Board.Use(-to, -from, Station.NONE));
            book(cooks.get(slot.cook()), from, to);
            book(units.get(Station.SINK).get(freeSink(from, to)), from, to);
        }
    }

    private int freeSink(int from, int to) {
        List<Bookings> sinks = units.get(Station.SINK);
        int start = mirrored ? -to : from;
        for (int i = 0; i < sinks.size(); i++) {
            if (sinks.get(i).earliest(start, to - from) == start) {
                return i;
            }
        }
        return 0;
    }

    /**
     * The nearest place from a minute on: forwards the first start not before it, backwards the last end not after it.
     *
     * @param wish taken among equals, and on boards always once they are chosen
     */
    Placed nearest(Job job, int limit, Slot wish) {
        int from = mirrored ? -limit : limit;
        if (!job.at().isBoard()) {
            return found(job, settle(job, from, wish, -1), wish, -1);
        }
        if (!choosesBoards) {
            return found(job, settle(job, from, wish, wish.unit()), wish, wish.unit());
        }
        Placed best = null;
        for (int unit = 0; unit < boards.size(); unit++) {
            Placed placed = found(job, settle(job, from, wish, unit), wish, unit);
            if (best == null || isBetter(placed, best)) {
                best = placed;
            }
        }
        return Objects.requireNonNull(best, "a kitchen has a board");
    }

    private static boolean isBetter(Placed one, Placed other) {
        int washes = one.washBefore() + one.washAfter() - other.washBefore() - other.washAfter();
        int later = one.slot().start() - other.slot().start();
        return later != 0 ? later > 0 : washes < 0;
    }

    /** In the time of the search, the first start at which everything is free. */
    private int settle(Job job, int from, Slot wish, int board) {
        int at = from;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            int next = board >= 0 && choosesBoards ? boardFrom(job, at, board) : at;
            next = stationFrom(job, next, board);
            if (job.at().isLit() && job.isPassive()) {
                next = nobodyHome.earliest(next, job.minutes());
            }
            next = cookFrom(job, next, wish, board);
            if (next == at) {
                return at;
            }
            at = next;
        }
        throw new IllegalStateException("No place found for " + job.id() + " in " + MOST_ROUNDS + " rounds");
    }

    private int stationFrom(Job job, int at, int board) {
        if (job.at().isCold()) {
            return kitchen.count(job.at()) == 0 ? at : cold.get(job.at()).earliest(at, job.minutes(), job.litres());
        }
        if (job.at().isBoard()) {
            return units.get(Station.VEGETABLE_BOARD).get(board).earliest(at, job.minutes());
        }
        if (!hasUnits(job.at())) {
            return at;
        }
        int first = Integer.MAX_VALUE;
        for (Bookings unit : units.get(job.at())) {
            first = Math.min(first, unit.earliest(at, job.minutes()));
        }
        return first;
    }

    private int cookFrom(Job job, int at, Slot wish, int board) {
        if (job.hands() == 0) {
            return at;
        }
        int best = Integer.MAX_VALUE;
        for (int cook : crew.mayDo(job)) {
            best = Math.min(best, cookFrom(job, at, cook, board));
        }
        return best;
    }

    /** Hands are at the true start of a job, which backwards is its far end. */
    private int cookFrom(Job job, int at, int cook, int board) {
        Washes washes = board >= 0 && choosesBoards ? washes(job, at, board) : Washes.NONE;
        int low = mirrored ? job.minutes() - job.hands() - washes.after() : 0;
        int length = job.hands() + washes.before() + washes.after();
        int start = cooks.get(cook).earliest(at + low, length) - low;
        if (start == at) {
            start = sinkFrom(at, at + job.minutes(), washes.before());
        }
        return start == at ? sinkFrom(at, at - washes.after(), washes.after()) : start;
    }

    /** Where the job goes so that a sink is free for the wash that begins at a minute. */
    private int sinkFrom(int at, int washAt, int length) {
        if (length == 0) {
            return at;
        }
        int free = units.get(Station.SINK).stream()
                .mapToInt(sink -> sink.earliest(washAt, length))
                .min()
                .orElse(washAt);
        return at + free - washAt;
    }

    /** Washes a job brings about where it stands [min]. */
    private record Washes(int before, int after) {
        static final Washes NONE = new Washes(0, 0);
    }

    /** The neighbours of a mirrored start on a board: in truth the later one ends before it. */
    private Washes washes(Job job, int at, int board) {
        Board.Use later = null;
        Board.Use earlier = null;
        for (Board.Use use : boards.get(board).uses) {
            if (use.to() <= at && (later == null || use.to() > later.to())) {
                later = use;
            }
            if (use.from() >= at + job.minutes() && (earlier == null || use.from() < earlier.from())) {
                earlier = use;
            }
        }
        boolean after = later != null && job.at().isRaw() && later.kind() != job.at() && later.kind() != Station.NONE;
        boolean before = earlier != null && earlier.kind().isRaw() && earlier.kind() != job.at();
        return new Washes(before ? WASH_MINUTES : 0, after ? WASH_MINUTES : 0);
    }

    /** The first mirrored start on a board at which the job and its washes touch nothing. */
    private int boardFrom(Job job, int from, int board) {
        int at = from;
        boolean moved = true;
        while (moved) {
            moved = false;
            Washes washes = washes(job, at, board);
            for (Board.Use use : boards.get(board).uses) {
                if (use.to() > at - washes.after() && use.from() < at + job.minutes() + washes.before()) {
                    at = Math.max(at + 1, use.to());
                    moved = true;
                    break;
                }
            }
        }
        return at;
    }

    private Placed found(Job job, int at, Slot wish, int board) {
        int start = mirrored ? -(at + job.minutes()) : at;
        int cook = job.hands() == 0 ? Slot.NOBODY : cookAt(job, at, wish, board);
        Washes washes = board >= 0 && choosesBoards ? washes(job, at, board) : Washes.NONE;
        int unit = board >= 0 ? board : unitAt(job, at, wish);
        return new Placed(new Slot(start, start + job.minutes(), cook, unit), washes.before(), washes.after());
    }

    private int cookAt(Job job, int at, Slot wish, int board) {
        int[] may = crew.mayDo(job);
        for (int cook : may) {
            if (cook == wish.cook() && cookFrom(job, at, cook, board) == at) {
                return cook;
            }
        }
        int least = may[0];
        boolean found = false;
        for (int cook : may) {
            if (cookFrom(job, at, cook, board) == at && (!found || load[cook] < load[least])) {
                least = cook;
                found = true;
            }
        }
        return least;
    }

    private int unitAt(Job job, int at, Slot wish) {
        if (!hasUnits(job.at())) {
            return 0;
        }
        List<Bookings> list = units.get(job.at());
        if (wish.unit() < list.size() && list.get(wish.unit()).earliest(at, job.minutes()) == at) {
            return wish.unit();
        }
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).earliest(at, job.minutes()) == at) {
                return i;
            }
        }
        return 0;
    }
}
