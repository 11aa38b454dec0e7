package org.livelyladle.core.broths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.plan.Plan;

class BrothPlannerTest {
    private final Briefs briefs = Briefs.plain();

    private Broths plan() {
        return Briefs.PLANNER
                .plan(briefs.build(), Facts.none(), Briefs.NOW)
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
                Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
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
                .plan(Briefs.random(seed), Facts.none(), Briefs.NOW)
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

    private static BrothNeed need(Plan plan, String broth) {
        return plan.broths().needs().stream()
                .filter(need -> need.broth().equals(broth))
                .findFirst()
                .orElseThrow();
    }

    private Plan planned() {
        return Briefs.PLANNER.plan(briefs.build(), Facts.none(), Briefs.NOW).plan();
    }

    /** Two broths from one base: as much of it as both take, bought for, and made before either. */
    @Test
    void oneBaseServesTwoSides() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "corn-chicken", "pepper-chicken"));
        Plan plan = planned();
        double corn = need(plan, "corn-chicken").make().value();
        double pepper = need(plan, "pepper-chicken").make().value();

        assertThat(need(plan, "white-chicken").make().value()).isCloseTo(corn + pepper, within(1e-9));
        assertThat(plan.broths().needs().get(0).broth()).isEqualTo("white-chicken");
        assertThat(plan.purchases().needs())
                .anyMatch(bought -> bought.ingredient().equals("chicken-bones"));
        assertThat(plan.prep().tasks())
                .filteredOn(task -> task.id().startsWith("broth:white-chicken:"))
                .isNotEmpty()
                .allSatisfy(made -> assertThat(plan.prep().tasks())
                        .filteredOn(task -> task.id().equals("broth:corn-chicken:simmer"))
                        .allSatisfy(begun -> assertThat(
                                        made.before().value() - made.minutes().value())
                                .isGreaterThanOrEqualTo(begun.before().value() - 1e-9)));
    }

    /** A vegan keeps away from what a broth's base holds. */
    @Test
    void aBaseCountsForNeeds() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "corn-chicken", "soy-milk"));
        briefs.guests.set(0, Briefs.guest("ann", Briefs.diet(NeedKind.VEGAN)));
        Plan plan = planned();

        assertThat(plan.table().sides().get(0).closedTo())
                .anyMatch(closed -> closed.guest().equals("ann"));
        assertThat(plan.table().sides().get(1).closedTo())
                .noneMatch(closed -> closed.guest().equals("ann"));
    }

    @Test
    void halfOfAPacketIsKept() {
        briefs.pots.set(0, Briefs.pot("pot", 2000, "packet-chilli"));
        BrothNeed need = need(planned(), "packet-chilli");
        BrothNeed.PartNeed paste = need.parts().get(0);

        assertThat(paste.grams().value()).isCloseTo(need.make().value() / 1000 * 120, within(1e-9));
        assertThat(paste.keepBack()).startsWith("keep ");
    }

    /** Whole spices grow with the volume to the power 0.8: four times the broth takes 3.03 times the star anise. */
    @Test
    void spicesGrowSlowerThanThePot() {
        briefs.pots.set(0, Briefs.pot("pot", 2000, "beef-star-anise"));
        BrothNeed small = need(planned(), "beef-star-anise");
        briefs.pots.set(0, Briefs.pot("pot", 9000, "beef-star-anise"));
        BrothNeed large = need(planned(), "beef-star-anise");
        double more = large.make().value() / small.make().value();

        assertThat(grams(large, "star-anise") / grams(small, "star-anise"))
                .isCloseTo(Math.pow(more, 0.8), within(1e-9));
        assertThat(grams(large, "onion") / grams(small, "onion")).isCloseTo(more, within(1e-9));
    }

    private static double grams(BrothNeed need, String ingredient) {
        return need.parts().stream()
                .filter(part -> part.ingredient().equals(ingredient))
                .findFirst()
                .orElseThrow()
                .grams()
                .value();
    }

    /** On full with the lid on a side of a litre comes back from its floor in about 150 to 180 s (memory). */
    @Test
    void aSideRecoversInMinutes() {
        briefs.pots.set(0, Briefs.pot("pot", 4000, "kelp-shiitake", "smoked-tomato"));

        assertThat(plan().sides())
                .allSatisfy(side -> assertThat(side.recovery().value()).isBetween(120.0, 200.0));
    }
}
