package org.livelyladle.bench;

import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearsal;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.core.rehearsal.Scene;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.web.JsonConfig;
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

/** A thousand evenings of a demo party in two threads, its plan made before. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3)
@Measurement(iterations = 7)
public class RehearsalBenchmark {
    private static final int EVENINGS = 1000;

    @Param({"Quad and coxes’ supper", "A quiet evening", "Boathouse supper for twenty"})
    private String party;

    private Scene scene;
    private MistakeRates rates;

    @Setup
    public void plan() {
        Brief brief = new DemoBriefs(JsonConfig.mapper(), new PriceList())
                .load(LocalDate.of(2026, 11, 24)).stream()
                        .filter(demo -> demo.title().equals(party))
                        .findFirst()
                        .orElseThrow();
        scene = new Planner(Catalogue.builtIn()).scene(brief);
        rates = JsonConfig.mapper().readValue("{}", MistakeRates.class);
    }

    @Benchmark
    public Rehearsal thousandEvenings() {
        return new Rehearser(scene, rates, 7, EVENINGS, Rehearser.Run.toTheEnd(2)).play(far -> {});
    }
}
