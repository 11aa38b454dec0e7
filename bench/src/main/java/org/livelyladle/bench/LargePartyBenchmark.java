package org.livelyladle.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
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
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a warm plan grows up to the documented limits of 60 guests and 24 sides: the guests of the boathouse supper over and
 * over, a pot of two sides for five of them.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 10)
@Measurement(iterations = 3, time = 10)
public class LargePartyBenchmark {
    private static final int GUESTS_PER_POT = 5;
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");

    /** Guests by cuts. */
    @Param({"6x40", "12x40", "24x40", "48x40", "60x40", "60x114"})
    private String size;

    /** More than a planner remembers: each plan is made from the beginning. */
    private static final int BRIEFS = 30;

    private final List<Brief> briefs = new ArrayList<>();
    private int next;
    private final Planner planner = new Planner(Catalogue.builtIn());

    @Setup
    public void make() {
        int guests = Integer.parseInt(size.substring(0, size.indexOf('x')));
        int cuts = Integer.parseInt(size.substring(size.indexOf('x') + 1));
        JsonMapper mapper = JsonConfig.mapper();
        List<Brief> demos = new DemoBriefs(mapper, new PriceList()).load(TODAY);
        ObjectNode large = (ObjectNode) mapper.valueToTree(demos.get(demos.size() - 1));
        guests(large, guests);
        pots(large, (guests + GUESTS_PER_POT - 1) / GUESTS_PER_POT);
        ArrayNode menu = large.putArray("menu");
        List<Cut> all = List.copyOf(Catalogue.builtIn().cuts());
        for (int i = 0; i < cuts; i++) {
            menu.addObject().put("cut", all.get(i * all.size() / cuts).id()).put("fromFrozen", false);
        }
        large.withObject("decisions").removeAll();
        for (int i = 0; i < BRIEFS; i++) {
            briefs.add(mapper.treeToValue(large.put("title", size + " " + i), Brief.class));
        }
    }

    private static void guests(ObjectNode large, int count) {
        ArrayNode twenty = (ArrayNode) large.get("guests");
        ArrayNode guests = twenty.arrayNode();
        for (int i = 0; i < count; i++) {
            ObjectNode guest = (ObjectNode) twenty.get(i % twenty.size()).deepCopy();
            guests.add(guest.put("id", "guest-" + i));
        }
        large.set("guests", guests);
    }

    private static void pots(ObjectNode large, int count) {
        List<Broth> broths = List.copyOf(Catalogue.builtIn().broths());
        ArrayNode pots = large.putArray("pots");
        for (int i = 0; i < count; i++) {
            ObjectNode pot = pots.addObject()
                    .put("id", "pot-" + i)
                    .put("name", "Pot " + i)
                    .put("capacityMl", 6000)
                    .put("fillPercent", 50)
                    .put("basketsPerSide", 4);
            ArrayNode sides = pot.putArray("sides");
            for (int s = 0; s < 2; s++) {
                String broth = broths.get((2 * i + s) % broths.size()).id();
                sides.addObject().put("id", "side-" + i + "-" + s).put("broth", broth);
            }
        }
    }

    @Benchmark
    public Plan plan() {
        next = (next + 1) % BRIEFS;
        return planner.plan(briefs.get(next), Facts.none(), NOW).plan();
    }
}
