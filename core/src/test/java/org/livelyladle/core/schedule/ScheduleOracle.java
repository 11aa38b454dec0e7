package org.livelyladle.core.schedule;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import java.util.HashMap;
import java.util.Map;

/** The same problem for OR-Tools CP-SAT. */
public final class ScheduleOracle {
    static {
        Loader.loadNativeLibraries();
    }

    /** The best makespan found and the bound proved [min]. */
    public record Bounds(int found, int proved) {}

    private ScheduleOracle() {}

    public static Bounds solve(ScheduleProblem problem, int workers, double deterministicTime) {
        CpModel model = new CpModel();
        int horizon =
                problem.tasks().stream().mapToInt(ScheduleProblem.Task::minutes).sum();
        IntVar makespan = model.newIntVar(0, horizon, "makespan");
        Map<String, IntVar> starts = new HashMap<>();
        Map<String, IntervalVar> intervals = new HashMap<>();
        for (ScheduleProblem.Task task : problem.tasks()) {
            IntVar start = model.newIntVar(0, horizon, task.id());
            IntVar end = model.newIntVar(0, horizon, task.id() + "e");
            starts.put(task.id(), start);
            intervals.put(
                    task.id(), model.newIntervalVar(start, model.newConstant(task.minutes()), end, "i" + task.id()));
            model.addLessOrEqual(end, makespan);
        }
        for (ScheduleProblem.Task task : problem.tasks()) {
            for (String earlier : task.after()) {
                model.addGreaterOrEqual(
                        starts.get(task.id()), intervals.get(earlier).getEndExpr());
            }
        }
        problem.resources().forEach((name, capacity) -> {
            CumulativeConstraint cumulative = model.addCumulative(capacity);
            problem.tasks().stream()
                    .filter(task -> task.needs().getOrDefault(name, 0) > 0)
                    .forEach(task -> cumulative.addDemand(
                            intervals.get(task.id()), task.needs().get(name)));
        });
        model.minimize(makespan);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(workers).setRandomSeed(1).setMaxDeterministicTime(deterministicTime);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException("CP-SAT ended with " + status);
        }
        return new Bounds((int) Math.round(solver.objectiveValue()), (int)
                Math.round(Math.ceil(solver.bestObjectiveBound() - 1e-6)));
    }
}
