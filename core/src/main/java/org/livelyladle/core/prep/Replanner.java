package org.livelyladle.core.prep;

import java.util.Arrays;
import java.util.List;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.facts.Facts.TaskMark;

/**
 * Leads a timetable through what has happened, as if it had been planned anew with every mark and, where something is
 * overdue, with every minute.
 *
 * <p>Without anything said a job not begun at its time begins now; appointments are taken to be kept. What a new plan
 * may move is up to {@link Moment}.
 */
final class Replanner {
    /** Looked at every minute from so long before sitting down, every quarter of an hour before that [min]. */
    private static final int MINUTELY = 360;

    private static final int QUARTER = 15;
    /** Without a mark another order is looked for this often [min]. */
    private static final int REORDER_EVERY = 5;

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
        return step(draft.planned(), LONG_AGO, true);
    }

    /** The timetable at a moment [min from sitting down]. */
    Slot[] at(int now, List<TaskMark> marks) {
        List<TaskMark> past = marks.stream()
                .filter(mark -> clock.minute(mark.at()) <= now)
                .map(this::noEarlierThanPrep)
                .toList();
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
                slots = unmarked(slots, at);
            }
            int first = next;
            while (next < past.size() && clock.minute(past.get(next).at()) == mark) {
                next++;
            }
            progress.apply(past.subList(first, next));
            slots = first < next ? step(slots, mark, true) : unmarked(slots, mark);
            at = mark + 1;
        }
        return slots;
    }

    /** A clock that went wrong long ago is not followed from there. */
    private TaskMark noEarlierThanPrep(TaskMark mark) {
        return clock.minute(mark.at()) >= LONG_AGO
                ? mark
                : new TaskMark(clock.instant(LONG_AGO), mark.type(), mark.task());
    }

    private Slot[] unmarked(Slot[] slots, int minute) {
        return isOverdue(slots, minute) ? step(slots, minute, minute % REORDER_EVERY == 0) : slots;
    }

    private static int pace(int minute) {
        return minute < -MINUTELY ? QUARTER : 1;
    }

    private static int firstStart(Slot[] slots) {
        return Math.max(
                LONG_AGO, Arrays.stream(slots).mapToInt(Slot::start).min().orElse(0));
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

    private Slot[] step(Slot[] previous, int now, boolean mayReorder) {
        Patience.check();
        return new Moment(draft, progress, previous, now).plan(mayReorder);
    }
}
