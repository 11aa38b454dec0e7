package org.livelyladle.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** The table from later moments on, over seeded evenings in which much goes otherwise than planned. */
@Execution(ExecutionMode.CONCURRENT)
class LaterTablesTest {
    private static final int MOMENTS = 4;

    static LongStream seeds() {
        return Seeds.of(0, 100);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsStillToComeIsSoundAtEveryMoment(long seed) {
        Brief brief = Parties.random(seed);
        Evenings evening = new Evenings(brief, seed);
        TablePlan table = Briefs.PLANNER.sequence(brief, TableState.empty());
        int before = TableState.empty().at();
        for (int i = 1; i <= MOMENTS; i++) {
            int moment = brief.mealMinutes() * 60 * i / (MOMENTS + 1);
            TableState state = evening.at(moment, before, table);
            table = Briefs.PLANNER.sequence(brief, state);

            assertThat(table.audit()).isEmpty();
            assertThat(happened(table, moment)).isSubsetOf(happened(state.begun(), moment));
            assertThat(table.drops().stream().flatMap(drop -> drop.stays().stream()))
                    .allMatch(stay -> stay.takeOut() <= moment
                            || stay.servings().stream().noneMatch(serving -> state.wantsNoMore(serving.guest())));
            before = moment;
        }
    }

    @ParameterizedTest
    @MethodSource("plain")
    void whatGoesAsPlannedGoesOnAsPlanned(long seed) {
        Brief brief = Parties.random(seed);
        TablePlan planned = Briefs.PLANNER.sequence(brief, TableState.empty());
        int moment = brief.mealMinutes() * 20;
        List<Drop> begun = planned.drops().stream()
                .filter(drop -> drop.stays().get(0).putIn() <= moment)
                .map(drop -> drop.consistingOf(
                        drop.amount(),
                        drop.stays().stream()
                                .filter(stay -> stay.putIn() - Evenings.onItsPlate(drop, stay) <= moment)
                                .toList()))
                .filter(drop -> !drop.stays().isEmpty())
                .toList();
        TablePlan table = Briefs.PLANNER.sequence(
                brief,
                new TableState(moment, 0, begun, null, null, null, null, null, null, null, null, null, null, null));

        assertThat(unserved(table)).isLessThanOrEqualTo(unserved(planned) + 0.01);
        List<String> soon = putIns(planned, moment, moment + 120);
        assertThat(putIns(table, moment, moment + 120).stream()
                        .filter(soon::contains)
                        .count())
                .isGreaterThanOrEqualTo(soon.size() * 4 / 5);
    }

    static LongStream plain() {
        return Seeds.of(0, 40);
    }

    private static double unserved(TablePlan table) {
        return table.remainders().stream()
                .mapToDouble(TablePlan.Remainder::grams)
                .sum();
    }

    private static List<String> putIns(TablePlan table, int from, int until) {
        return table.drops().stream()
                .flatMap(drop -> drop.stays().stream()
                        .filter(stay -> stay.putIn() > from && stay.putIn() < until)
                        .map(stay -> drop.id() + " " + stay.putIn()))
                .toList();
    }

    @Test
    void anEmptyStateIsNone() {
        Brief brief = Parties.random(7);

        assertThat(Briefs.PLANNER.sequence(brief, TableState.empty()))
                .isEqualTo(Briefs.PLANNER
                        .plan(brief, Facts.none(), Briefs.NOW)
                        .plan()
                        .table());
    }

    @Test
    void inWhateverOrderItIsTold() {
        Brief brief = Parties.random(11);
        TablePlan planned = Briefs.PLANNER.sequence(brief, TableState.empty());
        TableState state = new Evenings(brief, 11).at(1800, TableState.empty().at(), planned);
        List<Drop> backwards = new ArrayList<>(state.begun());
        Collections.reverse(backwards);

        assertThat(Briefs.PLANNER.sequence(
                        brief,
                        new TableState(
                                state.at(),
                                state.pausedSeconds(),
                                backwards,
                                state.fellIn(),
                                state.guests(),
                                state.usedUp(),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null)))
                .isEqualTo(Briefs.PLANNER.sequence(brief, state));
    }

    /** What went in by a moment, without for whom. */
    private static List<String> happened(TablePlan table, int moment) {
        return happened(table.drops(), moment);
    }

    private static List<String> happened(List<Drop> drops, int moment) {
        return drops.stream()
                .flatMap(drop -> drop.stays().stream()
                        .filter(stay -> stay.putIn() <= moment)
                        .map(stay -> drop.id() + " " + stay.putIn() + " " + stay.takeOut()))
                .toList();
    }
}
