package org.livelyladle.core.seat;

import java.time.LocalDateTime;
import java.util.List;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.table.Cue;

/** What one cook does: in the kitchen before sitting down, at the pots after. */
public record Helper(String cook, String name, List<Job> jobs, List<Cue> cues) {
    public Helper {
        jobs = List.copyOf(jobs);
        cues = List.copyOf(cues);
    }

    /**
     * A task of the kitchen.
     *
     * @param startsAt local time
     * @param endsAt local time
     * @param things that make it up; none where the task itself is all there is
     */
    public record Job(
            String task,
            String what,
            String amount,
            String tool,
            String caution,
            LocalDateTime startsAt,
            LocalDateTime endsAt,
            PrepTask.State state,
            List<String> things) {
        public Job {
            things = List.copyOf(things);
        }
    }

    public static Helper of(Cook cook, Plan plan) {
        return new Helper(
                cook.id(),
                cook.name(),
                plan.prep().tasks().stream()
                        .filter(task -> cook.id().equals(task.cook()))
                        .map(task -> new Job(
                                task.id(),
                                task.what(),
                                task.amount(),
                                task.tool(),
                                task.caution(),
                                task.startsAt(),
                                task.endsAt(),
                                task.state(),
                                task.things()))
                        .toList(),
                plan.table().now().cues().stream()
                        .filter(cue -> cook.id().equals(cue.minder()))
                        .toList());
    }
}
