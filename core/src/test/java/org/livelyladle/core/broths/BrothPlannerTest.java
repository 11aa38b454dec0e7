package org.livelyladle.core.broths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.plan.Plan;

class BrothPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Broths plan() {
        return Briefs.PLANNER
                .plan(briefs.build(), Facts.none(), Briefs.TODAY)
                .plan()
                .broths();
    }

    /** A pot of 6 l in three sides holds about 1.0 l a side at half: common practice. */
    @Test
    void aThreeWayPotOfSixLitresHoldsALitreASide() {
        briefs.pots.set(0, Briefs.pot("pot", 6000, "kelp-shiitake", "smoked-tomato", "ginger-chicken"));

        assertThat(plan().sides()).hasSize(3).allSatisfy(side -> {
            assertThat(side.fill().value()).isEqualTo(1000);
            assertThat(side.room().value()).isEqualTo(1000);
            assertThat(side.dropLimit().value()).isBetween(180.0, 240.0);
        });
    }

    @Test
    void twoSidesOfOneBrothAreMadeTogether() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "kelp-shiitake", "kelp-shiitake"));
        Plan plan =
                Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.TODAY).plan();
        BrothNeed need = plan.broths().needs().get(0);
        double reserves = plan.evening().reserves().values().stream()
                .mapToDouble(Figure::value)
                .sum();

        assertThat(plan.broths().needs()).hasSize(1);
        assertThat(need.make().value()).isCloseTo(2 * 1000 + reserves, within(1e-9));
        assertThat(need.parts())
                .filteredOn(part -> part.ingredient().equals("kelp"))
                .singleElement()
                .satisfies(part ->
                        assertThat(part.grams().value()).isCloseTo(need.make().value() / 1000 * 10, within(1e-9)));
    }

    @ParameterizedTest
    @ValueSource(longs = {30, 31, 32, 33, 34, 35})
    void volumesAddUp(long seed) {
        Plan plan = Briefs.PLANNER
                .plan(Briefs.random(seed), Facts.none(), Briefs.TODAY)
                .plan();
        double filled = plan.broths().sides().stream()
                .mapToDouble(side -> side.fill().value())
                .sum();
        double reserves = plan.evening().reserves().values().stream()
                .mapToDouble(Figure::value)
                .sum();
        double intoOthers = plan.broths().needs().stream()
                .filter(need -> need.base() != null)
                .mapToDouble(need -> need.base().ml().value())
                .sum();
        double made = plan.broths().needs().stream()
                .mapToDouble(need -> need.make().value())
                .sum();

        assertThat(made).isCloseTo(filled + reserves + intoOthers, within(1e-6));
        assertThat(plan.broths().sides())
                .allSatisfy(side -> assertThat(side.fill().value() + side.room().value())
                        .isCloseTo(side.capacity().value(), within(1e-9)));
    }
}
