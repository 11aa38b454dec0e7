package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;

/**
 * The timetable before anything has happened: every job as late as sensible.
 *
 * <p>Method: serial schedule generation on mirrored time, from sitting down less the buffer backwards, over lists in
 * which whatever comes after a job is placed before it. Lists go by the longest work that leads up to a job, first as it
 * is, then with keys strayed from a fixed seed; and a timetable is mended: the job whose food waits most too long is
 * placed first, or what waits for it follows it sooner. The timetable with the least food left waiting too long and, among
 * equals, the latest beginnings is kept. Guaranteed: each job after those it waits for, nobody and nothing taken twice,
 * the same answer to the same brief; not guaranteed: the latest possible of all.
 */
final class BaseFinder {
    private static final long SEED = 20_261_128;
    /** Job placements spent on trying lists. */
    private static final int BUDGET = 1_500;

    private static final int FEWEST_LISTS = 4;
    private static final int MOST_LISTS = 24;
    private static final double STRAYING = 0.5;
    /** What keeping for one minute only would count as in lead, one after another [min2]. */
    private static final double[] HASTE = {0, 3_000, 12_000, 50_000};

    /** A minute of food left waiting too long weighs so many minutes of begun too early. */
    static final int STALE_WEIGHT = 20;

    private final Project project;
    private final Crew crew;
    private final Brief brief;
    private final Outings outings;
    private final Slot[] fixed;
    private final int[] lead;

    BaseFinder(Project project, Crew crew, Brief brief) {
        this.project = project;
        this.crew = crew;
        this.brief = brief;
        this.fixed = new Slot[project.size()];
        this.outings = new Outings(crew, shopping());
        this.lead = new int[project.size()];
        Arrays.fill(lead, -1);
        IntStream.range(0, project.size()).forEach(this::lead);
    }

    /** When each cook is out shopping. */
    Outings outings() {
        return outings;
    }

    private List<List<Crew.Away>> shopping() {
        List<List<Crew.Away>> list = new ArrayList<>();
        crew.cooks.forEach(cook -> list.add(new ArrayList<>()));
        for (int i = 0; i < project.size(); i++) {
            Job job = project.job(i);
            if (job.fixedAt() != null) {
                int cook = job.hands() == 0 ? Slot.NOBODY : shopper(job);
                fixed[i] = new Slot(job.fixedAt(), job.fixedAt() + job.minutes(), cook, 0);
                if (cook != Slot.NOBODY) {
                    list.get(cook).add(new Crew.Away(job.fixedAt(), job.fixedAt() + job.minutes()));
                }
            }
        }
        return list;
    }

    /** The first who is free then; whoever comes first when nobody is. */
    private int shopper(Job job) {
        int from = Objects.requireNonNull(job.fixedAt());
        int[] may = crew.mayDo(job);
        return Arrays.stream(may)
                .filter(cook -> crew.away(cook).stream()
                        .noneMatch(away -> away.from() < from + job.minutes() && away.to() > from))
                .findFirst()
                .orElse(may[0]);
    }

    /** The longest work up to and with a job [min]. */
    private int lead(int job) {
        if (lead[job] < 0) {
            int longest = 0;
            for (int other : project.before[job]) {
                longest = Math.max(longest, project.job(other).isFixed() ? 0 : lead(other));
            }
            lead[job] = longest + project.job(job).minutes();
        }
        return lead[job];
    }

    /** A timetable with the washes of boards it brings about. */
    record Base(Slot[] slots, List<Wash> washes) {}

    /** A board washed for the sake of a job, before it or after it [min from sitting down]. */
    record Wash(int job, int start, int cook, int unit, boolean before) {}

    Base find() {
        SplittableRandom random = new SplittableRandom(SEED);
        int lists = Math.max(FEWEST_LISTS, Math.min(MOST_LISTS, BUDGET / Math.max(1, project.size())));
        Try best = null;
        Try last = null;
        for (int n = 0; n < lists; n++) {
            boolean mends = n >= HASTE.length && n % 3 != 0;
            Try next;
            if (mends && n % 3 == 1) {
                next = last.stalestFirst();
            } else if (mends) {
                next = last.followedSooner();
            } else {
                next = new Try(keys(n < HASTE.length ? 0 : STRAYING, HASTE[n % HASTE.length], random), noLatest());
            }
            boolean better = best == null || next.cost < best.cost;
            last = mends || better ? next : last;
            best = better ? next : best;
        }
        return Objects.requireNonNull(best, "one list at least").base;
    }

    private int[] noLatest() {
        int[] latest = new int[project.size()];
        Arrays.fill(latest, Integer.MAX_VALUE);
        return latest;
    }

    /** A timetable by keys, with the latest end of some jobs, and what it costs. */
    private final class Try {
        private final double[] keys;
        private final int[] latest;
        private final Base base;
        private final long cost;
        private final int stalest;

        private Try(double[] keys, int[] latest) {
            this.keys = keys;
            this.latest = latest;
            this.base = build(list(keys), latest);
            this.cost = cost(base.slots());
            this.stalest = IntStream.range(0, keys.length)
                    .boxed()
                    .max(Comparator.comparingInt(i -> stale(i, base.slots())))
                    .orElse(-1);
        }

        /** The job whose food waits most too long takes its place before all others, with what waits for it. */
        private Try stalestFirst() {
            double[] other = keys.clone();
            if (stalest >= 0) {
                first(stalest, Arrays.stream(keys).max().orElse(0) + 1, other);
            }
            return new Try(other, latest);
        }

        /** What waits for that job follows it as soon as what it leaves asks for. */
        private Try followedSooner() {
            int[] other = latest.clone();
            if (stalest >= 0) {
                int keeps = base.slots()[stalest].end() + project.job(stalest).keepsMinutes();
                for (int follower : project.after[stalest]) {
                    other[follower] = Math.min(
                            other[follower], keeps + project.job(follower).minutes());
                }
            }
            return new Try(keys, other);
        }
    }

    /** The longest lead, the more so the less it keeps. */
    private double[] keys(double straying, double haste, SplittableRandom random) {
        double[] keys = new double[project.size()];
        for (int i = 0; i < keys.length; i++) {
            double key = lead[i] + haste / Math.max(1, project.job(i).keepsMinutes());
            keys[i] = key * (1 + straying * (2 * random.nextDouble() - 1));
        }
        return keys;
    }

    private void first(int job, double key, double[] keys) {
        keys[job] = key;
        for (int follower : project.after[job]) {
            first(follower, key, keys);
        }
    }

    /** Followers first; among those whose followers are listed the one with the largest key. */
    private int[] list(double[] keys) {
        int size = project.size();
        int[] waiting = new int[size];
        for (int i = 0; i < size; i++) {
            waiting[i] = project.after[i].length;
        }
        int[] list = new int[size];
        for (int k = 0; k < size; k++) {
            int next = -1;
            for (int i = 0; i < size; i++) {
                if (waiting[i] == 0 && (next < 0 || keys[i] > keys[next])) {
                    next = i;
                }
            }
            list[k] = next;
            waiting[next] = -1;
            for (int other : project.before[next]) {
                waiting[other]--;
            }
        }
        return list;
    }

    private Base build(int[] list, int[] latest) {
        Room room = new Room(crew, brief.kitchen(), outings, Room.Search.FIRST_DRAFT);
        Slot[] slots = fixed.clone();
        List<Wash> washes = new ArrayList<>();
        pinned().forEach(job -> place(job, latestEnd(job, slots), room, slots, washes));
        for (int job : list) {
            if (slots[job] == null) {
                place(job, Math.min(latest[job], latestEnd(job, slots)), room, slots, washes);
            }
        }
        return new Base(slots, washes);
    }

    /** Pinned jobs take their places first, the latest first. */
    private List<Integer> pinned() {
        return IntStream.range(0, project.size())
                .filter(i -> project.job(i).pinnedAt() != null)
                .boxed()
                .sorted(Comparator.comparing((Integer i) ->
                                -Objects.requireNonNull(project.job(i).pinnedAt()))
                        .thenComparing(i -> i))
                .toList();
    }

    private void place(int job, int latestEnd, Room room, Slot[] slots, List<Wash> washes) {
        Job it = project.job(job);
        Room.Placed placed = room.nearest(it, latestEnd, Slot.ANY);
        Slot slot = placed.slot();
        slots[job] = slot;
        room.take(it, placed);
        if (placed.washBefore() > 0) {
            washes.add(new Wash(job, slot.start() - placed.washBefore(), slot.cook(), slot.unit(), true));
        }
        if (placed.washAfter() > 0) {
            washes.add(new Wash(job, slot.start() + it.minutes(), slot.cook(), slot.unit(), false));
        }
    }

    private int latestEnd(int job, Slot[] slots) {
        Job it = project.job(job);
        int end = latestByFollowers(job, slots);
        return it.pinnedAt() == null ? end : Math.min(end, it.pinnedAt() + it.minutes());
    }

    /** When it must be done at the latest, by what is placed after it; by work alone where that is not placed yet. */
    private int latestByFollowers(int job, Slot[] slots) {
        int end = -brief.bufferMinutes();
        for (int follower : project.after[job]) {
            end = Math.min(
                    end,
                    slots[follower] != null
                            ? slots[follower].start()
                            : latestByFollowers(follower, slots)
                                    - project.job(follower).minutes());
        }
        return end;
    }

    /** The less the better. */
    long cost(Slot[] slots) {
        long cost = 0;
        int begins = 0;
        for (int i = 0; i < slots.length; i++) {
            Job job = project.job(i);
            if (!job.isFixed()) {
                cost += (long) STALE_WEIGHT * stale(i, slots);
                cost -= (long) slots[i].start() * job.hands() / 16;
                begins = Math.min(begins, slots[i].start());
            }
        }
        return cost - begins;
    }

    /** So long waits what a job leaves beyond what it keeps [min]. */
    private int stale(int job, Slot[] slots) {
        Job it = project.job(job);
        return it.isFixed() ? 0 : Math.max(0, needed(job, slots) - slots[job].end() - it.keepsMinutes());
    }

    /** When what a job leaves is first needed [min from sitting down]. */
    private int needed(int job, Slot[] slots) {
        int first = 0;
        for (int follower : project.after[job]) {
            first = Math.min(first, slots[follower].start());
        }
        return first;
    }
}
