package org.livelyladle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;
import org.livelyladle.core.rehearsal.Undisturbed;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** What holds at every table, however odd: a thousand seeded parties of all kinds planned whole, a thousand more as tables. */
@Execution(ExecutionMode.CONCURRENT)
class RandomPartiesTest {
    static LongStream seeds() {
        return Seeds.costly(LongStream.range(0, 1000));
    }

    static LongStream moreSeeds() {
        return Seeds.costly(LongStream.range(1000, 2000));
    }

    /** The table alone, as many times again. */
    @ParameterizedTest
    @MethodSource("moreSeeds")
    void everyTableIsSound(long seed) {
        TablePlan table = Briefs.PLANNER.sequence(Parties.random(seed), TableState.empty());

        assertThat(table.audit()).isEmpty();
        assertThat(Sound.faults(table)).isEmpty();
        assertThat(table.preloads()).allMatch(drop -> drop.putIn() <= -60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyTableIsSoundAndNobodyIsForgotten(long seed) {
        Brief brief = Parties.random(seed);
        Planned planned = Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW);
        Plan plan = planned.plan();

        assertThat(plan.table().audit()).isEmpty();
        assertThat(Sound.faults(plan)).isEmpty();
        assertThat(Sound.faults(planned.ledger().ids().stream()
                        .map(id -> planned.ledger().find(id).orElseThrow())
                        .toList()))
                .isEmpty();
        plan.windows()
                .forEach(window -> assertThat(window.ready().value())
                        .isGreaterThanOrEqualTo(window.safe().value()));
        assertThat(named(plan)).containsAll(hungry(brief, plan.table()));
        assertThat(Undisturbed.faults(Briefs.PLANNER.scene(brief), plan)).isEmpty();
    }

    private static Set<String> hungry(Brief brief, TablePlan table) {
        Set<String> eats = table.drops().stream()
                .flatMap(drop -> drop.servings())
                .filter(serving -> serving.grams() > 0)
                .map(serving -> serving.guest())
                .collect(Collectors.toCollection(HashSet::new));
        table.beside().forEach(bowl -> eats.add(bowl.guest()));
        return brief.guests().stream()
                .map(Guest::id)
                .filter(id -> !eats.contains(id))
                .collect(Collectors.toSet());
    }

    private static List<String> named(Plan plan) {
        return plan.unmet().stream()
                .filter(unmet -> unmet.severity() == Unmet.Severity.CANNOT_EAT)
                .map(Unmet::guest)
                .toList();
    }
}
