package org.livelyladle.core.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts.TaskMark;

/** How far each job is at a moment, as marks come in. Filled in the order of time by one thread. */
final class Progress {
    /**
     * A job that was touched.
     *
     * @param begun when it was first begun [min from sitting down]
     * @param since when it last went on or stopped [min from sitting down]
     * @param worked before {@code since} [min]
     */
    record Touched(PrepTask.State state, int begun, int since, int worked) {
        /** What is left of so many minutes at a moment, one at least [min]. */
        int left(int minutes, int now) {
            int running = state == PrepTask.State.RUNNING ? now - since : 0;
            return Math.max(1, minutes - worked - running);
        }
    }

    private final Project project;
    private final PrepClock clock;
    private final @Nullable Touched[] touched;

    Progress(Project project, PrepClock clock) {
        this.project = project;
        this.clock = clock;
        this.touched = new Touched[project.size()];
    }

    @Nullable
    Touched of(int job) {
        return touched[job];
    }

    boolean isDone(int job) {
        return is(job, PrepTask.State.DONE);
    }

    boolean isRunning(int job) {
        return is(job, PrepTask.State.RUNNING);
    }

    private boolean is(int job, PrepTask.State state) {
        Touched it = touched[job];
        return it != null && it.state() == state;
    }

    void apply(List<TaskMark> marks) {
        marks.forEach(this::apply);
    }

    private void apply(TaskMark mark) {
        int job = project.place(mark.task());
        if (job >= 0) {
            apply(job, mark.type(), clock.minute(mark.at()));
        }
    }

    private void apply(int job, EventType type, int at) {
        Touched old = touched[job];
        int begun = old == null ? at : old.begun();
        int worked = old == null ? 0 : old.worked();
        if (old != null && old.state() == PrepTask.State.RUNNING) {
            worked += at - old.since();
        }
        switch (type) {
            case TASK_STARTED -> {
                touched[job] = new Touched(PrepTask.State.RUNNING, begun, at, worked);
                doneBefore(job, at);
            }
            case TASK_PAUSED -> touched[job] = new Touched(PrepTask.State.PAUSED, begun, at, worked);
            case TASK_DONE -> {
                touched[job] = new Touched(PrepTask.State.DONE, begun, at, worked);
                doneBefore(job, at);
            }
            case TASK_REOPENED -> touched[job] = null;
            default -> throw new IllegalArgumentException("No mark of a task: " + type);
        }
    }

    /** Who goes on with the next step has done those before it. */
    private void doneBefore(int job, int at) {
        for (String id : project.job(job).after()) {
            int other = project.place(id);
            if (other >= 0 && !isDone(other) && !project.job(other).isFixed()) {
                Touched old = touched[other];
                touched[other] = new Touched(
                        PrepTask.State.DONE, old == null ? at : old.begun(), at, old == null ? 0 : old.worked());
                doneBefore(other, at);
            }
        }
    }
}
