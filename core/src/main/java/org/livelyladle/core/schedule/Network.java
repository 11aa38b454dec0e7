package org.livelyladle.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.schedule.ScheduleProblem.Task;

/** A problem by numbers: tasks in a topological order of their ids' list, resources by place. Immutable. */
final class Network {
    final int size;
    final int[] minutes;
    /** By task, then resource. */
    final int[][] needs;

    final int[] capacities;
    final int[][] before;
    final int[][] after;
    /** A topological order. */
    final int[] order;
    /** Longest way from a task's start to the end of all [min]. */
    final int[] tails;

    final int lowerBound;

    Network(ScheduleProblem problem) {
        List<Task> tasks = problem.tasks();
        size = tasks.size();
        List<String> names = List.copyOf(problem.resources().keySet());
        capacities = names.stream()
                .mapToInt(name -> Objects.requireNonNull(problem.resources().get(name)))
                .toArray();
        minutes = tasks.stream().mapToInt(Task::minutes).toArray();
        needs = new int[size][];
        for (int i = 0; i < size; i++) {
            needs[i] = needs(tasks.get(i), problem.resources(), names);
        }
        before = before(tasks);
        after = reversed(before);
        order = topological(tasks);
        tails = tails();
        lowerBound = lowerBound();
    }

    /** The same problem seen from its end. */
    private Network(Network other) {
        size = other.size;
        minutes = other.minutes;
        needs = other.needs;
        capacities = other.capacities;
        before = other.after;
        after = other.before;
        order = new int[size];
        for (int i = 0; i < size; i++) {
            order[i] = other.order[size - 1 - i];
        }
        tails = tails();
        lowerBound = other.lowerBound;
    }

    Network backwards() {
        return new Network(this);
    }

    private static int[] needs(Task task, Map<String, Integer> resources, List<String> names) {
        int[] own = new int[names.size()];
        Objects.requireNonNull(task.needs()).forEach((name, count) -> {
            Integer there = resources.get(name);
            if (there == null) {
                throw new UnsolvableException(
                        "tasks." + task.id() + ".needs." + name,
                        "Task '%s' needs '%s', which is no resource; the resources are %s."
                                .formatted(task.id(), name, names));
            }
            if (count > there) {
                throw new UnsolvableException(
                        "tasks." + task.id() + ".needs." + name,
                        "Task '%s' needs %d of '%s', but there are only %d.".formatted(task.id(), count, name, there));
            }
            own[names.indexOf(name)] = count;
        });
        return own;
    }

    private static int[][] before(List<Task> tasks) {
        Map<String, Integer> places = new HashMap<>();
        for (int i = 0; i < tasks.size(); i++) {
            places.put(tasks.get(i).id(), i);
        }
        int[][] before = new int[tasks.size()][];
        for (int i = 0; i < tasks.size(); i++) {
            Task task = tasks.get(i);
            before[i] = Objects.requireNonNull(task.after()).stream()
                    .mapToInt(id -> {
                        Integer place = places.get(id);
                        if (place == null) {
                            throw new UnsolvableException(
                                    "tasks." + task.id() + ".after",
                                    "Task '%s' comes after '%s', which is no task.".formatted(task.id(), id));
                        }
                        return place;
                    })
                    .toArray();
        }
        return before;
    }

    private static int[][] reversed(int[][] edges) {
        List<List<Integer>> lists = new ArrayList<>();
        for (int i = 0; i < edges.length; i++) {
            lists.add(new ArrayList<>());
        }
        for (int i = 0; i < edges.length; i++) {
            for (int j : edges[i]) {
                lists.get(j).add(i);
            }
        }
        return lists.stream()
                .map(list -> list.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private int[] topological(List<Task> tasks) {
        int[] waiting = new int[size];
        Arrays.setAll(waiting, i -> before[i].length);
        int[] sorted = new int[size];
        int found = 0;
        for (int round = 0; found < size; round++) {
            int next = -1;
            for (int i = 0; i < size && next < 0; i++) {
                next = waiting[i] == 0 ? i : -1;
            }
            if (next < 0) {
                throw cycle(tasks, waiting);
            }
            waiting[next] = -1;
            sorted[found++] = next;
            for (int follower : after[next]) {
                waiting[follower]--;
            }
        }
        return sorted;
    }

    private UnsolvableException cycle(List<Task> tasks, int[] waiting) {
        List<Integer> way = new ArrayList<>();
        int at = 0;
        while (waiting[at] <= 0) {
            at++;
        }
        while (!way.contains(at)) {
            way.add(at);
            int here = at;
            at = Arrays.stream(before[here])
                    .filter(i -> waiting[i] > 0)
                    .findFirst()
                    .orElseThrow();
        }
        List<String> names = way.subList(way.indexOf(at), way.size()).stream()
                .map(i -> tasks.get(i).id())
                .toList();
        return new UnsolvableException(
                "tasks." + names.get(0) + ".after",
                "Tasks wait for each other in a circle: " + String.join(" after ", names) + " after " + names.get(0)
                        + ".");
    }

    private int[] tails() {
        int[] longest = new int[size];
        for (int k = size - 1; k >= 0; k--) {
            int task = order[k];
            int rest = 0;
            for (int follower : after[task]) {
                rest = Math.max(rest, longest[follower]);
            }
            longest[task] = minutes[task] + rest;
        }
        return longest;
    }

    /** The longest chain, and the work of each resource spread over all there is of it. */
    private int lowerBound() {
        int bound = Arrays.stream(tails).max().orElse(0);
        for (int r = 0; r < capacities.length; r++) {
            long work = 0;
            for (int i = 0; i < size; i++) {
                work += (long) minutes[i] * needs[i][r];
            }
            if (capacities[r] > 0) {
                bound = (int) Math.max(bound, (work + capacities[r] - 1) / capacities[r]);
            }
        }
        return bound;
    }
}
