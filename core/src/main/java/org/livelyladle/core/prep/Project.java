package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Jobs by number, with what comes before and after each. An unknown id in {@code after} is no job of this party. */
final class Project {
    final List<Job> jobs;
    final int[][] before;
    final int[][] after;
    private final Map<String, Integer> places = new HashMap<>();

    Project(List<Job> jobs) {
        this(jobs, List.of());
    }

    /** One job after another because they share a board, by their ids. */
    record Turn(String first, String then) {}

    Project(List<Job> jobs, List<Turn> turns) {
        this.jobs = List.copyOf(jobs);
        for (int i = 0; i < jobs.size(); i++) {
            places.put(jobs.get(i).id(), i);
        }
        before = new int[jobs.size()][];
        List<List<Integer>> followers = new ArrayList<>();
        jobs.forEach(job -> followers.add(new ArrayList<>()));
        for (int i = 0; i < jobs.size(); i++) {
            String id = jobs.get(i).id();
            before[i] = Stream.concat(
                            jobs.get(i).after().stream(),
                            turns.stream()
                                    .filter(turn -> turn.then().equals(id))
                                    .map(Turn::first))
                    .filter(places::containsKey)
                    .mapToInt(places::get)
                    .distinct()
                    .toArray();
            for (int other : before[i]) {
                followers.get(other).add(i);
            }
        }
        after = followers.stream()
                .map(list -> list.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    int size() {
        return jobs.size();
    }

    Job job(int place) {
        return jobs.get(place);
    }

    /** -1 for an id that is no job here. */
    int place(String id) {
        return places.getOrDefault(id, -1);
    }
}
