package org.livelyladle.server.models;

import org.livelyladle.core.schedule.Schedule;
import org.livelyladle.core.schedule.ScheduleProblem;
import org.livelyladle.core.schedule.Scheduler;
import org.livelyladle.server.web.Effort;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Scheduling over HTTP. */
@RestController
class ScheduleController {
    private final Effort effort;

    ScheduleController(Effort effort) {
        this.effort = effort;
    }

    /** The least makespan found; 422 names a circle, an unknown id, or a need over what there is. */
    @PostMapping("/api/prep-schedule")
    Schedule schedule(@RequestBody ScheduleProblem problem) {
        return effort.spend(null, () -> Scheduler.solve(problem));
    }
}
