package org.livelyladle.core.schedule;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Looks over a schedule minute by minute; knows nothing of how it was made. */
public final class ScheduleChecker {
    private ScheduleChecker() {}

    public static List<String> problems(ScheduleProblem problem, Schedule schedule) {
        List<String> found = new ArrayList<>();
        Map<String, ScheduleProblem.Task> tasks = new HashMap<>();
        problem.tasks().forEach(task -> tasks.put(task.id(), task));
        if (!schedule.starts().keySet().equals(tasks.keySet())) {
            found.add("not every task has a start");
            return found;
        }
        int end = 0;
        for (ScheduleProblem.Task task : problem.tasks()) {
            int start = schedule.starts().get(task.id());
            end = Math.max(end, start + task.minutes());
            if (start < 0) {
                found.add(task.id() + " starts before the beginning");
            }
            for (String earlier : task.after()) {
                if (start < schedule.starts().get(earlier) + tasks.get(earlier).minutes()) {
                    found.add(task.id() + " starts before " + earlier + " is done");
                }
            }
        }
        if (end != schedule.makespanMinutes()) {
            found.add("the makespan is " + end + ", not " + schedule.makespanMinutes());
        }
        for (int minute = 0; minute < end; minute++) {
            for (Map.Entry<String, Integer> resource : problem.resources().entrySet()) {
                int used = 0;
                for (ScheduleProblem.Task task : problem.tasks()) {
                    int start = schedule.starts().get(task.id());
                    if (start <= minute && minute < start + task.minutes()) {
                        used += task.needs().getOrDefault(resource.getKey(), 0);
                    }
                }
                if (used > resource.getValue()) {
                    found.add(used + " of " + resource.getKey() + " at minute " + minute);
                }
            }
        }
        return found;
    }
}
