package org.livelyladle.core.schedule;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import org.livelyladle.core.schedule.ScheduleProblem.Task;

/** Seeded random kitchens: cooks, rings, boards and an oven, tasks in loose chains. */
public final class ScheduleProblems {
    private ScheduleProblems() {}

    public static ScheduleProblem random(long seed, int tasks) {
        Random random = new Random(seed);
        Map<String, Integer> resources = new LinkedHashMap<>();
        resources.put("cook", 1 + random.nextInt(3));
        resources.put("ring", 2 + random.nextInt(3));
        resources.put("board", 1 + random.nextInt(2));
        resources.put("oven", 1);
        List<Task> list = new ArrayList<>();
        for (int i = 0; i < tasks; i++) {
            Map<String, Integer> needs = new LinkedHashMap<>();
            resources.forEach((name, count) -> {
                if (random.nextInt(name.equals("cook") ? 2 : 3) == 0) {
                    needs.put(name, 1 + random.nextInt(count));
                }
            });
            TreeSet<Integer> before = new TreeSet<>();
            for (int k = random.nextInt(3); k > 0 && i > 0; k--) {
                before.add(Math.max(0, i - 1 - random.nextInt(Math.min(i, 8))));
            }
            list.add(new Task(
                    "t" + i,
                    1 + random.nextInt(30),
                    needs,
                    before.stream().map(j -> "t" + j).toList()));
        }
        return new ScheduleProblem(resources, list);
    }

    /** A fingerprint of all that matters, so that a recorded optimum is known to belong to its problem. */
    public static int hash(ScheduleProblem problem) {
        StringBuilder text = new StringBuilder(problem.resources().toString());
        problem.tasks()
                .forEach(task -> text.append(task.id())
                        .append(task.minutes())
                        .append(task.needs())
                        .append(task.after()));
        return text.toString().hashCode();
    }
}
