package org.livelyladle.core.prep;

import java.util.List;
import org.livelyladle.core.measure.Figure;

/**
 * The prep list in order of starting.
 *
 * @param begins latest start of the first task, counted back from sitting down [min]
 * @param handsOn time of all tasks somebody stands by [min]
 */
public record Prep(Figure begins, Figure handsOn, List<PrepTask> tasks, List<BeatenPin> beatenPins) {
    public Prep {
        tasks = List.copyOf(tasks);
        beatenPins = List.copyOf(beatenPins);
    }

    /** A task pinned so late that what waits for it could not be ready [min before sitting down]. */
    public record BeatenPin(String task, String what, int wantedMinutes, double nearestMinutes, String rule) {}
}
