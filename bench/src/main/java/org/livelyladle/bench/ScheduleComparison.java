package org.livelyladle.bench;

import org.livelyladle.core.schedule.ScheduleOracle;
import org.livelyladle.core.schedule.ScheduleProblem;
import org.livelyladle.core.schedule.ScheduleProblems;
import org.livelyladle.core.schedule.Scheduler;

/** Compares makespans with CP-SAT's on 80 seeded kitchens of 10 to 40 tasks; ends with 1 beyond 2 % mean or 8 % once. */
public final class ScheduleComparison {
    private static final int PROBLEMS = 80;
    private static final int WORKERS = 4;
    private static final double DETERMINISTIC_TIME = 3;
    private static final double MOST_MEAN = 0.02;
    private static final double MOST_ONCE = 0.08;

    private ScheduleComparison() {}

    public static void main(String[] args) {
        double sum = 0;
        double widest = 0;
        int proved = 0;
        long millis = 0;
        for (int i = 0; i < PROBLEMS; i++) {
            ScheduleProblem problem = ScheduleProblems.random(9000 + i, 10 + 31 * i / PROBLEMS);
            long from = System.nanoTime();
            int ours = Scheduler.solve(problem).makespanMinutes();
            millis += (System.nanoTime() - from) / 1_000_000;
            ScheduleOracle.Bounds bounds = ScheduleOracle.solve(problem, WORKERS, DETERMINISTIC_TIME);
            double gap = ours / (double) bounds.found() - 1;
            boolean optimal = bounds.found() == bounds.proved();
            proved += optimal ? 1 : 0;
            sum += gap;
            widest = Math.max(widest, gap);
            System.out.printf(
                    "{%d, %d, %d, %d}, ours %d, proved %s%n",
                    9000 + i, problem.tasks().size(), ScheduleProblems.hash(problem), bounds.found(), ours, optimal);
        }
        System.out.printf(
                "schedules: mean gap %.2f %%, widest %.2f %%, %d of %d proved optimal, ours %d ms each%n",
                100 * sum / PROBLEMS, 100 * widest, proved, PROBLEMS, millis / PROBLEMS);
        System.exit(sum / PROBLEMS <= MOST_MEAN && widest <= MOST_ONCE ? 0 : 1);
    }
}
