package org.livelyladle.bench;

import java.util.concurrent.TimeUnit;
import org.livelyladle.core.schedule.Schedule;
import org.livelyladle.core.schedule.ScheduleProblem;
import org.livelyladle.core.schedule.ScheduleProblems;
import org.livelyladle.core.schedule.Scheduler;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A seeded kitchen of so many tasks, searched until the budget is spent. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
public class ScheduleBenchmark {
    @Param({"20", "40"})
    private int tasks;

    @Benchmark
    public Schedule schedule() {
        ScheduleProblem problem = ScheduleProblems.random(9064, tasks);
        return Scheduler.solve(problem);
    }
}
