package org.livelyladle.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.livelyladle.core.broths.EveningBalance;
import org.livelyladle.core.broths.EveningProblem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.BenchProblem;
import org.livelyladle.core.cooking.BenchWindow;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.heat.CoreProblem;
import org.livelyladle.core.heat.CoreTime;
import org.livelyladle.core.heat.Material;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Core times and whole windows by series and by finite volumes, and the balance of an evening. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 3)
public class HeatBenchmark {
    private final CoreProblem slab = new CoreProblem("slab", List.of(4.0), 5.0, 98.0, 74.0, 1500.0, Material.lean());
    private final CoreProblem shortCylinder =
            new CoreProblem("shortCylinder", List.of(30.0, 20.0), 5.0, 98.0, 63.0, 1500.0, Material.lean());
    private final CoreProblem frozenBall =
            new CoreProblem("sphere", List.of(28.0), -18.0, 98.0, 74.0, 1500.0, Material.lean());
    private final EveningProblem evening =
            new EveningProblem(1500.0, 0.9, 600.0, 200.0, 90, List.of(new EveningProblem.TopUp(30, 250.0, 0.0)));

    private final Catalogue catalogue = Catalogue.builtIn();
    private final BenchProblem prawn = new BenchProblem("prawn.peeled", null, null, null, 98.0);
    private final BenchProblem ball = new BenchProblem("fish-ball.frozen", null, null, null, 98.0);

    @Benchmark
    public CoreTime seriesSlab() {
        return CoreTime.of(slab);
    }

    @Benchmark
    public CoreTime seriesShortCylinder() {
        return CoreTime.of(shortCylinder);
    }

    @Benchmark
    public CoreTime finiteVolumesFrozenBall() {
        return CoreTime.of(frozenBall);
    }

    /** A whole window with its course, nothing remembered: safe, pleasant, best, overcooked and the band. */
    @Benchmark
    public BenchWindow windowBySeries() {
        return BenchWindow.of(prawn, catalogue, new WindowModel());
    }

    @Benchmark
    public BenchWindow windowByFiniteVolumes() {
        return BenchWindow.of(ball, catalogue, new WindowModel());
    }

    @Benchmark
    public EveningBalance eveningBalance() {
        return EveningBalance.of(evening);
    }
}
