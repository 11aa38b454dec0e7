package org.livelyladle.core.prep;

import java.time.LocalDateTime;
import java.util.List;
import org.livelyladle.core.measure.Figure;

/**
 * All that is done before sitting down, in order of starting.
 *
 * @param begins first start of a task that is no appointment, counted back from sitting down [min]
 * @param handsOn time somebody is at it, over all tasks but appointments [min]
 * @param ready when all is done, counted back from sitting down; negative after it [min]
 * @param readyAt the same as local time
 * @param cooks who does how much
 * @param problems what does not go as it should
 */
public record Prep(
        Figure begins,
        Figure handsOn,
        Figure ready,
        LocalDateTime readyAt,
        List<CookShare> cooks,
        List<PrepTask> tasks,
        List<Problem> problems,
        List<BeatenPin> beatenPins) {
    public Prep {
        cooks = List.copyOf(cooks);
        tasks = List.copyOf(tasks);
        problems = List.copyOf(problems);
        beatenPins = List.copyOf(beatenPins);
    }

    /** A cook and the time they are at it, appointments not counted [min]. */
    public record CookShare(String cook, String name, boolean helper, Figure hands) {}

    /** Something that does not go as it should, with the task it is about; empty when about all. */
    public record Problem(Kind kind, String task, String text) {
        public enum Kind {
            /** Not all is done when everybody sits down. */
            LATE,
            /** All is done by then, but the host's buffer is used up in part. */
            BUFFER,
            /** Something waits longer than it keeps. */
            WAITS,
            /** Given to somebody who is not down for it. */
            UNSKILLED,
            /** The kitchen has no room or no place for it. */
            NO_ROOM
        }
    }

    /** A task pinned to where it cannot be [min before sitting down]. */
    public record BeatenPin(String task, String what, int wantedMinutes, int nearestMinutes, String rule) {}
}
