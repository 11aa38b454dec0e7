package org.livelyladle.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.prep.TestPrep;

/** A clean plan with one fault put in: the audit names its rule. */
class PrepAuditTest {
    private static final String SLICE = "food:slice:raw";
    private static final String BOIL = "broth:kelp-shiitake:boil";
    private final Briefs briefs = Briefs.plain();
    private final Brief brief;
    private final Prep prep;

    PrepAuditTest() {
        briefs.bought.put("beef-ribeye.sliced", Bought.WHOLE);
        briefs.cooks.addAll(List.of(
                Cook.of("bo", "Bo"),
                new Cook("edda", "Edda", false, List.of(Skill.STOVE), Cook.USUAL_FROM, Cook.USUAL_UNTIL, List.of())));
        brief = briefs.build();
        prep = TestPrep.plan(brief, Facts.none(), Briefs.NOW);
    }

    private PrepTask task(String id) {
        return prep.tasks().stream()
                .filter(task -> task.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private List<String> rules(String id, UnaryOperator<PrepTask> fault) {
        List<PrepTask> tasks = prep.tasks().stream()
                .map(task -> task.id().equals(id) ? fault.apply(task) : task)
                .toList();
        return PrepAudit.check(brief, Records.with(prep, "tasks", tasks)).stream()
                .map(Violation::rule)
                .distinct()
                .toList();
    }

    private static PrepTask moved(PrepTask task, long minutes) {
        PrepTask starts = Records.with(task, "startsAt", task.startsAt().plusMinutes(minutes));
        return Records.with(starts, "endsAt", task.endsAt().plusMinutes(minutes));
    }

    @Test
    void aCleanPlanHasNothing() {
        assertThat(PrepAudit.check(brief, prep)).isEmpty();
    }

    @Test
    void aStepBeforeTheOneItWaitsForIsFound() {
        assertThat(rules(SLICE, task -> moved(task, -60))).contains("P1");
    }

    @Test
    void twoThingsAtOnceAndWorkInTheMiddleOfTheNightAreFound() {
        assertThat(rules(
                        "table:lay",
                        task -> moved(
                                Records.with(task, "cook", "bo"),
                                java.time.Duration.between(
                                                task.startsAt(), task(SLICE).startsAt())
                                        .toMinutes())))
                .contains("P2");
        assertThat(rules("table:lay", task -> moved(task, -15 * 60))).contains("P2");
        assertThat(rules(SLICE, task -> Records.with(task, "cook", "nobody"))).contains("P2");
    }

    @Test
    void workForSomebodyWhoIsNotDownForItIsFound() {
        assertThat(rules(SLICE, task -> Records.with(task, "cook", "edda"))).contains("P2");
    }

    @Test
    void aPotOnTheStoveInASleepingHouseIsFound() {
        assertThat(rules(BOIL, task -> moved(task, -16 * 60))).contains("P3");
    }

    @Test
    void aRingThatIsNoneAndABoardTakenTwiceAreFound() {
        assertThat(rules(BOIL, task -> Records.with(task, "unit", 9))).contains("P4");
        PrepTask slice = task(SLICE);
        assertThat(rules(
                        "food:peel-slice",
                        task -> Records.with(
                                moved(
                                        task,
                                        java.time.Duration.between(task.startsAt(), slice.startsAt())
                                                .toMinutes()),
                                "unit",
                                slice.unit())))
                .contains("P4");
    }

    @Test
    void aBoardThatWasNotWashedIsFound() {
        PrepTask slice = task(SLICE);
        assertThat(rules(
                        "food:peel-slice",
                        task -> Records.with(
                                moved(
                                        task,
                                        java.time.Duration.between(task.startsAt(), slice.endsAt())
                                                .toMinutes()),
                                "unit",
                                slice.unit())))
                .contains("P5");
        assertThat(slice.at()).isEqualTo(Station.RAW_MEAT_BOARD);
    }

    @Test
    void aReadyTimeThatIsNotTrueIsFound() {
        Prep early = Records.with(prep, "readyAt", prep.readyAt().minusMinutes(30));
        assertThat(PrepAudit.check(brief, early)).extracting(Violation::rule).containsExactly("P6");
    }
}
