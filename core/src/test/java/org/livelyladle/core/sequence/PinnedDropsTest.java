package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** What one drags is all that one wants to see moving. */
class PinnedDropsTest {
    private static final int LATER = 6 * 60;

    /** A move that one sees on the chart [s]. */
    private static final int SEEN = 60;

    private static final int NOWHERE = -100_000;

    private static TablePlan table(Brief brief, List<DropPin> pins) {
        return Briefs.PLANNER.sequence(pinned(brief, pins), TableState.empty());
    }

    private static Brief pinned(Brief brief, List<DropPin> pins) {
        return Records.with(brief, "decisions", Records.with(brief.decisions(), "drops", pins));
    }

    /** What is kept of the table without pins decides nothing. */
    @Test
    void whoeverAsksFirstGetsTheSame() {
        Brief brief = Parties.random(5);
        Drop drop = table(brief, List.of()).drops().stream()
                .filter(Drop::shared)
                .findFirst()
                .orElseThrow();
        Brief pinned = pinned(
                brief,
                List.of(new DropPin(
                        drop.cut(), drop.homeSide(), drop.batch(), drop.homeSide(), (drop.putIn() + LATER) / 60.0)));

        assertThat(new Planner(Catalogue.builtIn()).sequence(pinned, TableState.empty()))
                .isEqualTo(Briefs.PLANNER.sequence(pinned, TableState.empty()))
                .isNotEqualTo(Briefs.PLANNER.sequence(brief, TableState.empty()));
    }

    @Test
    void whatIsNotInTheWayOfAPinnedDropStaysWhereItWas() {
        DoubleSummaryStatistics heeded = new DoubleSummaryStatistics();
        List<Double> moved = new ArrayList<>();
        Seeds.costly(LongStream.range(0, 300)).forEach(seed -> {
            Brief brief = Parties.random(seed);
            List<Drop> before = table(brief, List.of()).drops();
            for (Drop drop : before.stream().filter(Drop::shared).limit(3).toList()) {
                int later = drop.putIn() + LATER;
                TablePlan after = table(
                        brief,
                        List.of(new DropPin(drop.cut(), drop.homeSide(), drop.batch(), drop.homeSide(), later / 60.0)));
                if (after.beatenPins().isEmpty()) {
                    Map<String, Integer> now =
                            after.drops().stream().collect(Collectors.toMap(Drop::id, Drop::putIn, Math::min));
                    heeded.accept(now.getOrDefault(drop.id(), NOWHERE) == later ? 1 : 0);
                    moved.add(before.stream()
                                    .filter(one -> Math.abs(now.getOrDefault(one.id(), NOWHERE) - one.putIn()) >= SEEN)
                                    .count()
                            / (double) before.size());
                }
            }
        });

        // a crowded side that the pin makes too cool takes less at a time, so that there is no such drop any more
        assertThat(heeded.getAverage()).isGreaterThan(0.98);
        moved.sort(null);
        assertThat(moved.get(moved.size() / 2)).as("half of the pins").isLessThan(0.1);
    }
}
