package org.livelyladle.core.prep;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.facts.Facts.TaskMark;

/**
 * Leads a timetable through what has happened, as if it had been planned anew with every mark and, where something is
 * overdue, with every minute.
 *
 * <p>Each time, jobs done and running stay where they are; all others, in the order of their starts, go to the first
 * place not before where they were at which cook and kitchen are free. So a job moves only when something before it, or
 * somebody's hands, force it to, and never to an earlier place. Without anything said a job not begun at its time begins
 * now; appointments are taken to be kept.
 */
final class Replanner {
    /** Looked at every minute from so long before sitting down, every quarter of an hour before that [min]. */
    private static final int MINUTELY = 360;

    private static final int QUARTER = 15;
    /** So long after sitting down prep is over and nothing is moved any more [min]. */
    private static final int OVER_AFTER = 180;

    private static final int LONG_AGO = -Crew.DAYS_BEFORE * 24 * 60;

    private final Draft draft;
    private final Project project;
    private final PrepClock clock;
    private final Progress progress;

    Replanner(Draft draft) {
        this.draft = draft;
        this.project = draft.project();
        this.clock = draft.clock();
        this.progress = new Progress(project, clock);
    }

    Progress progress() {
        return progress;
    }

    /** The timetable made possible: nothing before the shop, each job after those it waits for. */
    Slot[] possible() {
        return step(draft.planned(), LONG_AGO);
    }

    /** The timetable at a moment [min from sitting down]. */
    Slot[] at(int now, List<TaskMark> marks) {
        List<TaskMark> past =
                marks.stream().filter(mark -> clock.minute(mark.at()) <= now).toList();
        Slot[] slots = draft.planned();
        if (now > OVER_AFTER) {
            progress.apply(past);
            return slots;
        }
        int at = firstStart(slots);
        int next = 0;
        while (next < past.size() || at <= now) {
            int mark = next < past.size() ? clock.minute(past.get(next).at()) : now;
            for (; at < mark; at += pace(at)) {
                slots = isOverdue(slots, at) ? step(slots, at) : slots;
            }
            int first = next;
            while (next < past.size() && clock.minute(past.get(next).at()) == mark) {
                next++;
            }
            progress.apply(past.subList(first, next));
            slots = first < next || isOverdue(slots, mark) ? step(slots, mark) : slots;
            at = mark + 1;
        }
        return slots;
    }

    private static int pace(int minute) {
        return minute < -MINUTELY ? QUARTER : 1;
    }

    private static int firstStart(Slot[] slots) {
        return Arrays.stream(slots).mapToInt(Slot::start).min().orElse(0);
    }

    /** Something should have begun, or should have ended, and did not. */
    private boolean isOverdue(Slot[] slots, int now) {
        for (int i = 0; i < slots.length; i++) {
            if (!project.job(i).isFixed()
                    && !progress.isDone(i)
                    && (progress.isRunning(i) ? slots[i].end() <= now : slots[i].start() < now)) {
                return true;
            }
        }
        return false;
    }

    private Slot[] step(Slot[] previous, int now) {
        Room room = new Room(draft.crew(), draft.brief().kitchenOrUsual(), draft.outings(), false);
        Slot[] slots = new Slot[previous.length];
        for (int i = 0; i < slots.length; i++) {
            slots[i] = settled(i, previous[i], now, room);
        }
        IntStream.range(0, slots.length)
                .boxed()
                .filter(i -> slots[i] == null)
                .sorted(Comparator.<Integer>comparingInt(i -> previous[i].start())
                        .thenComparing(i -> previous[i].end())
                        .thenComparing(i -> i))
                .forEach(i -> slots[i] = moved(i, previous[i], now, room, slots));
        return slots;
    }

    /** What is fixed, done or running stays where it is; null for all else. */
    private @Nullable Slot settled(int i, Slot previous, int now, Room room) {
        Job job = project.job(i);
        Progress.Touched touched = progress.of(i);
        if (job.isFixed()) {
            return previous;
        }
        if (touched == null || touched.state() == PrepTask.State.PAUSED) {
            return null;
        }
        if (touched.state() == PrepTask.State.DONE) {
            return previous.between(touched.begun(), touched.since());
        }
        int left = touched.left(job.minutes(), now);
        room.take(job.remaining(left), previous.between(now, now + left));
        return previous.between(touched.begun(), now + left);
    }

    /** The first place not before the last one, once all it waits for is done. */
    private Slot moved(int i, Slot previous, int now, Room room, Slot[] slots) {
        Progress.Touched paused = progress.of(i);
        Job job = paused == null
                ? project.job(i)
                : project.job(i).remaining(paused.left(project.job(i).minutes(), now));
        int from = Math.max(previous.start(), now);
        for (int other : project.before[i]) {
            from = Math.max(from, slots[other] == null ? from : slots[other].end());
        }
        Slot slot = room.nearest(job, from, previous).slot();
        room.take(job, slot);
        return slot;
    }
}
