package org.livelyladle.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.livelyladle.core.check.UnsolvableException;

/** Finds a short schedule; see the package for the method. One use per problem. */
public final class Scheduler {
    private static final long SEED = 20_250_117;
    /** Schedules built at most, by the size of the problem. */
    private static final int MOST_SCHEDULES = 12_000;

    private static final long WORK = 100_000_000;
    private static final int POPULATION = 40;
    private static final double MUTATION = 0.05;
    /** Generations without a better schedule after which a new population is begun. */
    private static final int MOST_STILL = 15;
    /** How far a random first list strays from the longest tail first. */
    private static final double STRAYING = 0.35;

    private final Network forwards;
    private final Network backwards;
    private final SplittableRandom random = new SplittableRandom(SEED);
    private int budget;
    private int[] bestStarts = new int[0];
    private int best = Integer.MAX_VALUE;

    private Scheduler(Network network) {
        this.forwards = network;
        this.backwards = network.backwards();
        long each = Math.max(1, (long) network.size * network.size * Math.max(1, network.capacities.length));
        this.budget = (int) Math.max(200, Math.min(MOST_SCHEDULES, WORK / each));
    }

    /**
     * @throws UnsolvableException for a circle of tasks, an unknown id, or a need over what there is, naming it
     */
    public static Schedule solve(ScheduleProblem problem) {
        Network network = new Network(problem);
        if (network.size == 0) {
            return new Schedule(0, Map.of());
        }
        Scheduler scheduler = new Scheduler(network);
        scheduler.search();
        return scheduler.schedule(problem);
    }

    private Schedule schedule(ScheduleProblem problem) {
        Map<String, Integer> starts = new LinkedHashMap<>();
        IntStream.range(0, forwards.size)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> bestStarts[i]).thenComparing(i -> i))
                .forEach(i -> starts.put(problem.tasks().get(i).id(), bestStarts[i]));
        return new Schedule(best, starts);
    }

    /** An activity list and the makespan it comes to. */
    private record Member(int[] list, int makespan) {}

    /** Breeds one population after another, each until it stands still, as long as the budget lasts. */
    private void search() {
        while (!isDone()) {
            Member[] members = firstMembers();
            int still = 0;
            while (members.length > 1 && still < MOST_STILL && !isDone()) {
                int before = members[0].makespan();
                members = nextMembers(members);
                still = members[0].makespan() < before ? 0 : still + 1;
            }
        }
    }

    private Member[] firstMembers() {
        List<Member> members = new ArrayList<>();
        for (int m = 0; m < POPULATION && !isDone(); m++) {
            members.add(improved(m < POPULATION / 4 ? byTail(m == 0 ? 0 : STRAYING) : atRandom()));
        }
        return fittest(members);
    }

    private Member[] nextMembers(Member[] members) {
        List<Member> both = new ArrayList<>(Arrays.asList(members));
        for (int m = 0; m < POPULATION && !isDone(); m += 2) {
            Member mother = members[random.nextInt(members.length)];
            Member father = members[random.nextInt(members.length)];
            both.add(improved(mutated(crossed(mother.list(), father.list()))));
            both.add(improved(mutated(crossed(father.list(), mother.list()))));
        }
        return fittest(both);
    }

    /** The best of them, no list twice. */
    private static Member[] fittest(List<Member> members) {
        Set<List<Integer>> seen = new HashSet<>();
        return members.stream()
                .sorted(Comparator.comparingInt(Member::makespan))
                .filter(member -> seen.add(Arrays.stream(member.list()).boxed().toList()))
                .limit(POPULATION)
                .toArray(Member[]::new);
    }

    private boolean isDone() {
        return best == forwards.lowerBound || budget <= 0;
    }

    /** Longest tail first, each tail changed at random by a share of it. */
    private int[] byTail(double straying) {
        double[] keys = new double[forwards.size];
        for (int i = 0; i < keys.length; i++) {
            keys[i] = -forwards.tails[i] * (1 + straying * (2 * random.nextDouble() - 1));
        }
        return feasible(forwards, keys);
    }

    private int[] atRandom() {
        double[] keys = new double[forwards.size];
        Arrays.setAll(keys, i -> random.nextDouble());
        return feasible(forwards, keys);
    }

    /** The list that takes, of all tasks whose predecessors are listed, the one with the smallest key. */
    private static int[] feasible(Network network, double[] keys) {
        int[] list = new int[network.size];
        int[] waiting = new int[network.size];
        Arrays.setAll(waiting, i -> network.before[i].length);
        for (int k = 0; k < list.length; k++) {
            int next = -1;
            for (int i = 0; i < list.length; i++) {
                if (waiting[i] == 0 && (next < 0 || keys[i] < keys[next])) {
                    next = i;
                }
            }
            list[k] = next;
            waiting[next] = -1;
            for (int follower : network.after[next]) {
                waiting[follower]--;
            }
        }
        return list;
    }

    /** The list as a schedule, pushed to the end and back to the start; its tasks by start make the better list. */
    private Member improved(int[] list) {
        int[] starts = build(forwards, list);
        int[] late = build(backwards, byKey(backwards, ends(starts), -1));
        int[] early = build(forwards, byKey(forwards, ends(late), -1));
        int before = makespan(starts);
        int after = makespan(early);
        int[] better = after <= before ? early : starts;
        keep(better, Math.min(before, after));
        return new Member(byKey(forwards, better, 1), Math.min(before, after));
    }

    private void keep(int[] starts, int makespan) {
        if (makespan < best) {
            best = makespan;
            bestStarts = starts.clone();
        }
    }

    private int[] ends(int[] starts) {
        int[] ends = new int[starts.length];
        Arrays.setAll(ends, i -> starts[i] + forwards.minutes[i]);
        return ends;
    }

    private static int[] byKey(Network network, int[] keys, int sign) {
        double[] signed = new double[keys.length];
        Arrays.setAll(signed, i -> sign * (double) keys[i]);
        return feasible(network, signed);
    }

    private int makespan(int[] starts) {
        int latest = 0;
        for (int i = 0; i < starts.length; i++) {
            latest = Math.max(latest, starts[i] + forwards.minutes[i]);
        }
        return latest;
    }

    /** Serial schedule generation: each task of the list as early as precedence and resources let it. */
    private int[] build(Network network, int[] list) {
        budget--;
        Timeline timeline = new Timeline(network);
        int[] starts = new int[network.size];
        for (int task : list) {
            int from = 0;
            for (int other : network.before[task]) {
                from = Math.max(from, starts[other] + network.minutes[other]);
            }
            starts[task] = timeline.earliest(task, from);
            timeline.take(task, starts[task]);
        }
        return starts;
    }

    /** Two-point crossover: the middle from the father, both ends from the mother, each in that parent's order. */
    private int[] crossed(int[] mother, int[] father) {
        int size = mother.length;
        int a = random.nextInt(size);
        int b = random.nextInt(size);
        int from = Math.min(a, b);
        int to = Math.max(a, b) + 1;
        int[] child = Arrays.copyOf(mother, size);
        boolean[] used = new boolean[size];
        for (int k = 0; k < from; k++) {
            used[mother[k]] = true;
        }
        int at = from;
        for (int k = 0; k < size && at < to; k++) {
            at = take(child, used, at, father[k]);
        }
        for (int k = 0; k < size; k++) {
            at = take(child, used, at, mother[k]);
        }
        return child;
    }

    private static int take(int[] child, boolean[] used, int at, int task) {
        if (used[task]) {
            return at;
        }
        used[task] = true;
        child[at] = task;
        return at + 1;
    }

    /** Neighbours of the list change places now and then, where none waits for the other. */
    private int[] mutated(int[] list) {
        for (int k = 0; k + 1 < list.length; k++) {
            int next = list[k + 1];
            int here = list[k];
            if (random.nextDouble() < MUTATION
                    && IntStream.of(forwards.before[next]).noneMatch(i -> i == here)) {
                list[k] = next;
                list[k + 1] = here;
            }
        }
        return list;
    }
}
