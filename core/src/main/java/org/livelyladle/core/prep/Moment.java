package org.livelyladle.core.prep;

import java.util.Arrays;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * All jobs planned anew at one moment.
 *
 * <p>Jobs done and running stay where they are. First all others, in the order of their starts, go to the first place
 * not before where they were at which cook and kitchen are free: a job moves only when something before it, or
 * somebody's hands, force it to. Where that uses up half of the buffer, what starts more than ten minutes from now is
 * put in another order, what has the longest work after it first, and then as late as it may; this is kept when it ends
 * clearly sooner.
 */
final class Moment {
    /** What starts so soon is moved only by need [min]. */
    static final int NEAR_MINUTES = 10;

    /** Another order is worth so much at least; memory [min]. */
    private static final int LEAST_GAIN = 3;

    /** That nothing waits longer than it must is worth ending so much later; memory [min]. */
    private static final int FRESHNESS_MINUTES = 5;

    /** Makes keys of minutes positive. */
    private static final long KEY_BIAS = 1 << 20;

    private final Draft draft;
    private final Project project;
    private final Progress progress;
    private final Slot[] previous;
    private final int now;

    Moment(Draft draft, Progress progress, Slot[] previous, int now) {
        this.draft = draft;
        this.project = draft.project();
        this.progress = progress;
        this.previous = previous;
        this.now = now;
    }

    /** @param mayReorder whether another order is looked for too */
    Slot[] plan(boolean mayReorder) {
        Slot[] shifted = shifted();
        int end = end(shifted);
        if (!mayReorder || end <= -draft.brief().bufferMinutes() / 2) {
            return shifted;
        }
        Slot[] reordered = reordered(shifted);
        if (end(reordered) > end - LEAST_GAIN) {
            return shifted;
        }
        Slot[] late = possible(late(reordered, shifted), shifted);
        return end(late) <= Math.min(end - LEAST_GAIN, end(reordered) + FRESHNESS_MINUTES) ? late : reordered;
    }

    private int end(Slot[] slots) {
        return IntStream.range(0, slots.length)
                .filter(i -> isOpen(i))
                .map(i -> slots[i].end())
                .max()
                .orElse(-draft.brief().bufferMinutes());
    }

    private boolean isOpen(int i) {
        return !project.job(i).isFixed() && !progress.isDone(i);
    }

    private Room room(Room.Search search) {
        return new Room(draft.crew(), draft.brief().kitchen(), draft.outings(), search);
    }

    /** What is fixed, done or running stays where it is; null for all else. */
    private @Nullable Slot[] settled(Room room) {
        Slot[] slots = new Slot[previous.length];
        for (int i = 0; i < slots.length; i++) {
            slots[i] = settled(i, previous[i], room);
        }
        return slots;
    }

    private @Nullable Slot settled(int i, Slot before, Room room) {
        Job job = project.job(i);
        Progress.Touched touched = progress.of(i);
        if (job.isFixed()) {
            return before;
        }
        if (touched == null || touched.state() == PrepTask.State.PAUSED) {
            return null;
        }
        if (touched.state() == PrepTask.State.DONE) {
            return before.between(touched.begun(), touched.since());
        }
        int left = touched.left(job.minutes(), now);
        room.take(job.remaining(left), before.between(now, now + left));
        return before.between(touched.begun(), now + left);
    }

    /** Whole, or what is left of one that was paused. */
    private Job job(int i) {
        Progress.Touched paused = progress.of(i);
        return paused == null
                ? project.job(i)
                : project.job(i).remaining(paused.left(project.job(i).minutes(), now));
    }

    private Slot[] shifted() {
        Room room = room(Room.Search.FORWARDS);
        Slot[] slots = settled(room);
        for (int i : byStart(slots, previous)) {
            forwards(i, previous[i].start(), room, slots);
        }
        return slots;
    }

    /** Jobs without a place, by two keys, the smaller first. */
    private static int[] open(@Nullable Slot[] slots, IntUnaryOperator first, IntUnaryOperator second) {
        return IntStream.range(0, slots.length)
                .filter(i -> slots[i] == null)
                .mapToLong(
                        i -> ((first.applyAsInt(i) + KEY_BIAS) << 40) + ((second.applyAsInt(i) + KEY_BIAS) << 16) + i)
                .sorted()
                .mapToInt(key -> (int) (key & 0xffff))
                .toArray();
    }

    private static int[] byStart(@Nullable Slot[] open, Slot[] slots) {
        return open(open, i -> slots[i].start(), i -> slots[i].end());
    }

    /** The first place from a minute on, once all it waits for is done. */
    private void forwards(int i, int from, Room room, @Nullable Slot[] slots) {
        int start = Math.max(from, now);
        for (int other : project.before[i]) {
            Slot before = slots[other];
            start = before == null ? start : Math.max(start, before.end());
        }
        slots[i] = room.nearest(job(i), start, previous[i]).slot();
        room.take(job(i), slots[i]);
    }

    private boolean isPinned(int i) {
        return project.job(i).pinnedAt() != null;
    }

    private boolean isNear(Slot slot) {
        return slot.start() <= now + NEAR_MINUTES;
    }

    /** Near jobs as shifted; the rest by the longest work from their start to the end of all. */
    private Slot[] reordered(Slot[] shifted) {
        Room room = room(Room.Search.FORWARDS);
        Slot[] slots = settled(room);
        keepNear(shifted, room, slots);
        int[] tails = tails();
        for (int i : open(slots, i -> -tails[i], i -> 0)) {
            forwards(i, isPinned(i) ? previous[i].start() : now + NEAR_MINUTES + 1, room, slots);
        }
        return slots;
    }

    /** The same order and places, nothing before what it waits for. */
    private Slot[] possible(Slot[] wished, Slot[] shifted) {
        Room room = room(Room.Search.FORWARDS);
        Slot[] slots = settled(room);
        keepNear(shifted, room, slots);
        for (int i : byStart(slots, wished)) {
            forwards(i, Math.max(now + NEAR_MINUTES + 1, wished[i].start()), room, slots);
        }
        return slots;
    }

    private void keepNear(Slot[] shifted, Room room, @Nullable Slot[] slots) {
        for (int i : byStart(slots, shifted)) {
            if (isNear(shifted[i])) {
                slots[i] = shifted[i];
                room.take(job(i), shifted[i]);
            }
        }
    }

    /** A job's tail is never shorter than that of one that waits for it, so none is placed before what it waits for. */
    private int[] tails() {
        int[] tails = new int[project.size()];
        Arrays.fill(tails, -1);
        IntStream.range(0, tails.length).forEach(i -> tail(i, tails));
        return tails;
    }

    private int tail(int job, int[] tails) {
        if (tails[job] < 0) {
            int longest = 0;
            for (int follower : project.after[job]) {
                longest = Math.max(longest, tail(follower, tails));
            }
            tails[job] = longest + project.job(job).minutes();
        }
        return tails[job];
    }

    /** All but near jobs as late as the same end allows, last first, so that nothing waits longer than it must. */
    private Slot[] late(Slot[] early, Slot[] shifted) {
        Room room = room(Room.Search.BACKWARDS);
        Slot[] slots = settled(room);
        keepNear(shifted, room, slots);
        int end = Math.max(end(early), -draft.brief().bufferMinutes());
        for (int i : open(slots, i -> -early[i].end(), i -> -early[i].start())) {
            int latest = isPinned(i) ? early[i].end() : end;
            for (int follower : project.after[i]) {
                Slot after = slots[follower];
                latest = after == null ? latest : Math.min(latest, after.start());
            }
            slots[i] = room.nearest(job(i), latest, early[i]).slot();
            room.take(job(i), slots[i]);
        }
        return slots;
    }
}
