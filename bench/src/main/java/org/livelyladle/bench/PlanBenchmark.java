package org.livelyladle.bench;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.table.TablePlan;
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
import tools.jackson.databind.node.ObjectNode;

/** A warm plan of the demo parties, with the spread of single runs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlanBenchmark {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");

    @Param({"Quad and coxes’ supper", "A quiet evening", "Boathouse supper for twenty"})
    private String party;

    private static final int LATE_MINUTES = 25;

    /** More than a planner remembers: each plan is made from the beginning. */
    private static final int BRIEFS = 30;
    /** When a guest is full [min]. */
    private static final int FULL_AFTER = 20;

    private final List<Brief> briefs = new ArrayList<>();
    private int next;
    private Brief brief;
    private Instant late = NOW;
    private Instant satDown = NOW;
    private final Planner planner = new Planner(Catalogue.builtIn());

    @Setup
    public void load() {
        List<Brief> demos = new DemoBriefs(JsonConfig.mapper(), new PriceList()).load(TODAY);
        brief = demos.stream().filter(b -> b.title().equals(party)).findFirst().orElseThrow();
        for (int i = 0; i < BRIEFS; i++) {
            ObjectNode other = (ObjectNode) JsonConfig.mapper().valueToTree(brief);
            briefs.add(JsonConfig.mapper().treeToValue(other.put("title", party + i), Brief.class));
        }
        satDown = brief.sitDown().atZone(brief.zoneId()).toInstant();
        double begins = plan().prep().begins().value();
        late = brief.sitDown()
                .atZone(brief.zoneId())
                .toInstant()
                .minus(Duration.ofMinutes((long) begins - LATE_MINUTES));
    }

    /** Nothing was done and prep should have begun 25 minutes ago: planned anew minute by minute, with all remedies. */
    @Benchmark
    public Plan planRunningLate() {
        return planner.plan(another(), Facts.none(), late).plan();
    }

    @Benchmark
    public Plan plan() {
        return planner.plan(another(), Facts.none(), NOW).plan();
    }

    /** While people eat somebody is full: the table from there, as every screen is told it. */
    @Benchmark
    public TablePlan goOnFromAMark() {
        Instant full = satDown.plusSeconds(FULL_AFTER * 60L);
        Facts facts = new Facts(
                List.of(),
                List.of(),
                Set.of(),
                List.of(
                        new TableEvent.SatDown(UUID.randomUUID(), satDown),
                        new TableEvent.Full(
                                UUID.randomUUID(), full, brief.guests().get(0).id())),
                Set.of());
        return planner.table(brief, facts, full.plusSeconds(1));
    }

    /** The same minute after minute, as long as nothing new is marked. */
    @Benchmark
    public TablePlan lookAtARunningTable() {
        next = (next + 1) % (FULL_AFTER * 60);
        Facts facts = new Facts(
                List.of(), List.of(), Set.of(), List.of(new TableEvent.SatDown(new UUID(0, 0), satDown)), Set.of());
        return planner.table(brief, facts, satDown.plusSeconds(next));
    }

    private Brief another() {
        next = (next + 1) % BRIEFS;
        return briefs.get(next);
    }
}
