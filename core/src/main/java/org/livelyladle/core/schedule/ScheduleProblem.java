package org.livelyladle.core.schedule;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * What is to be done, and with how many hands, rings and the like.
 *
 * @param resources how many there are of each
 */
public record ScheduleProblem(Map<String, Integer> resources, List<Task> tasks) {
    private static final int MOST_RESOURCES = 50;
    private static final int MOST_TASKS = 500;
    private static final int MOST_UNITS = 10_000;

    public ScheduleProblem {
        resources = counts(Check.present(resources, "resources"), "resources");
        tasks = Check.distinct(Check.present(tasks, "tasks"), "tasks", MOST_TASKS, Task::id);
    }

    /**
     * A task that runs without a break.
     *
     * @param minutes how long it takes [min]
     * @param needs how many it takes of each resource; none when left out
     * @param after ids of tasks that must be done before; none when left out
     */
    public record Task(
            String id,
            Integer minutes,
            @Nullable Map<String, Integer> needs,
            @Nullable List<String> after) {
        private static final int LONGEST_MINUTES = 20_000;

        public Task {
            Check.id(id, "id");
            Check.range(Check.present(minutes, "minutes"), "minutes", 0, LONGEST_MINUTES);
            needs = needs == null ? Map.of() : counts(needs, "needs");
            after = Check.distinct(after, "after", MOST_TASKS, id2 -> id2);
        }
    }

    /** A copy in the given order, since what is shown follows it. */
    private static Map<String, Integer> counts(Map<String, Integer> given, String field) {
        if (given.size() > MOST_RESOURCES) {
            throw new InvalidInputException(field, given.size() + " entries", "at most " + MOST_RESOURCES);
        }
        Map<String, Integer> counts = new LinkedHashMap<>();
        given.forEach((name, count) -> {
            Check.id(name, field);
            counts.put(name, Check.range(Check.present(count, field + "." + name), field + "." + name, 0, MOST_UNITS));
        });
        return java.util.Collections.unmodifiableMap(counts);
    }
}
