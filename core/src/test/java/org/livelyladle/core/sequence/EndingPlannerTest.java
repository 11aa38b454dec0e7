package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.EndingPlan;

/** The meal ends in a side that is free by then, for whom it suits, and reaches nobody it would harm. */
class EndingPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Plan plan(Ending.Kind kind, String side) {
        Brief brief = Records.with(briefs.build(), "ending", new Ending(kind, side));
        Plan plan = Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
        assertThat(plan.table().audit()).isEmpty();
        return plan;
    }

    private static EndingPlan ending(Plan plan) {
        EndingPlan ending = plan.table().ending();
        if (ending == null) {
            throw new AssertionError("no ending");
        }
        return ending;
    }

    @Test
    void everyEndingHasItsSideFreeItsStepsAndItsCues() {
        for (Ending.Kind kind : Ending.Kind.values()) {
            Plan plan = plan(kind, null);
            EndingPlan ending = ending(plan);

            assertThat(ending.eaters()).containsExactly("ann", "ben");
            assertThat(ending.until()).isEqualTo(plan.table().mealSeconds());
            assertThat(plan.table().drops())
                    .filteredOn(drop -> drop.side().equals(ending.side()))
                    .allMatch(drop -> drop.takeOut() <= ending.from());
            assertThat(plan.table().cues())
                    .filteredOn(cue -> cue.act() == Cue.Act.ENDING)
                    .extracting(Cue::text)
                    .containsExactlyElementsOf(
                            ending.steps().stream().map(EndingPlan.Step::text).toList());
        }
    }

    @Test
    void anEggEachIsBoughtAndSetOut() {
        Plan plan = plan(Ending.Kind.EGG, null);

        assertThat(ending(plan).parts()).singleElement().satisfies(part -> {
            assertThat(part.ingredient()).isEqualTo("egg");
            assertThat(part.grams()).isEqualTo(100);
        });
        assertThat(plan.purchases().needs())
                .filteredOn(need -> need.ingredient().equals("egg"))
                .singleElement()
                .satisfies(need -> assertThat(need.need().value()).isGreaterThan(100));
        assertThat(plan.prep().tasks()).anyMatch(task -> task.id().equals("ending:egg"));
    }

    @Test
    void riceIsCookedAndChilledBefore() {
        Plan plan = plan(Ending.Kind.FRIED_RICE, "pot-2");

        assertThat(ending(plan).side()).isEqualTo("pot-2");
        assertThat(ending(plan).parts()).extracting(EndingPlan.Part::ingredient).containsExactly("rice", "egg");
        assertThat(plan.prep().tasks())
                .filteredOn(task -> task.id().equals("ending:rice"))
                .singleElement()
                .satisfies(task -> assertThat(task.caution()).contains("Cool it fast"));
    }

    @Test
    void aVeganEatsRiceWithoutEggAndNoEggGoesIntoHerSide() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Plan plan = plan(Ending.Kind.EGG, null);
        String hers = plan.table().guests().get(0).sides().get(0);

        assertThat(ending(plan).side()).isNotEqualTo(hers);
        assertThat(ending(plan).eaters()).containsExactly("ben");
        assertThat(ending(plan).without()).singleElement().satisfies(without -> {
            assertThat(without.guest()).isEqualTo("ann");
            assertThat(without.reason()).contains("vegan");
        });
    }

    @Test
    void noEggComesNearWhomASplashCouldHarm() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.EGGS)));
        briefs.menu.removeAll(List.of("fish-ball.frozen"));
        Plan plan = plan(Ending.Kind.EGG, null);

        assertThat(plan.table().guests().get(0).sides()).isNotEmpty();
        assertThat(plan.table().ending()).isNull();
        assertThat(plan.unmet()).anyMatch(unmet -> unmet.id().equals("ending"));
    }

    @Test
    void friedRiceGoesWithoutEggWhereEggWouldHarm() {
        briefs.guests.set(0, Briefs.guest("ann", Briefs.medical(NeedKind.EGGS)));
        briefs.menu.removeAll(List.of("fish-ball.frozen"));

        assertThat(ending(plan(Ending.Kind.FRIED_RICE, null)).parts())
                .extracting(EndingPlan.Part::ingredient)
                .containsExactly("rice");
    }

    @Test
    void whoHasLeftGetsNoneAndIsNotNamed() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "leavesAfterMinutes", 60));
        EndingPlan ending = ending(plan(Ending.Kind.SOUP, null));

        assertThat(ending.eaters()).containsExactly("ben");
        assertThat(ending.without()).isEmpty();
    }
}
