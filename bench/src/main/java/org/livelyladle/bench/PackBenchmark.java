package org.livelyladle.bench;

import java.util.concurrent.TimeUnit;
import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackProblems;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The cheapest packs for 40 needs with up to 4 offers each, ten seeded problems at once. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class PackBenchmark {
    @Param({"0", "20", "40"})
    private int covers;

    private PackProblem[] problems;
    private int next;

    @Setup
    public void make() {
        problems = new PackProblem[10];
        for (int i = 0; i < problems.length; i++) {
            problems[i] = PackProblems.random(1000 + i, 40, covers);
        }
    }

    @Benchmark
    public PackSolution solve() {
        next = (next + 1) % problems.length;
        return PackSolver.solve(problems[next]);
    }
}
