package org.livelyladle.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Boil;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;

/** Pork and chicken for two, in a pot kept gentle, at a simmer, and rolling. */
class BoilTest {
    private static final String PORK = "pork-belly.sliced";

    private static Plan plan(Boil boil) {
        Briefs briefs = new Briefs();
        briefs.guests.addAll(List.of(Briefs.guest("ann"), Briefs.guest("bea")));
        briefs.pots.add(Records.with(Briefs.pot("pot", 3000, "kelp-shiitake"), "boil", boil));
        briefs.menu.addAll(List.of(PORK, "chicken-thigh.sliced", "napa-cabbage.leaves", "tofu-firm.cubes"));
        return new Planner(Catalogue.builtIn())
                .plan(briefs.build(), Facts.none(), Briefs.NOW)
                .plan();
    }

    private static CookingWindow window(Plan plan, String cut) {
        return plan.windows().stream()
                .filter(window -> window.cut().equals(cut))
                .findFirst()
                .orElseThrow();
    }

    private static SideEvening side(Plan plan) {
        return plan.evening().pots().get(0).sides().get(0);
    }

    @Test
    void gentleStaysUnderTheBoilAndRollingSteamsMore() {
        Plan gentle = plan(Boil.GENTLE);
        Plan usual = plan(Boil.SIMMER);
        Plan rolling = plan(Boil.ROLLING);
        double boil = gentle.broths().sides().get(0).boil().value();

        assertThat(side(gentle).minutes())
                .allSatisfy(minute -> assertThat(minute.celsius()).isLessThan(boil - 3));
        assertThat(side(usual).minutes())
                .anySatisfy(minute -> assertThat(minute.celsius()).isGreaterThan(boil - 1.5));
        assertThat(gentle.evening().pots().get(0).setting().value())
                .isLessThanOrEqualTo(usual.evening().pots().get(0).setting().value());
        assertThat(rolling.evening().pots().get(0).energy().value())
                .isGreaterThan(usual.evening().pots().get(0).energy().value());
    }

    /** Nothing raw is any less safe in cooler broth: it takes longer, goes in by less, and stands above the floor. */
    @Test
    void rawFoodIsAsSafeAndLessGoesInAtATime() {
        Plan gentle = plan(Boil.GENTLE);
        Plan usual = plan(Boil.SIMMER);

        assertThat(window(gentle, PORK).safe().value())
                .isEqualTo(window(usual, PORK).safe().value());
        assertThat(window(gentle, "chicken-thigh.sliced").bestUntilSeconds())
                .isGreaterThan(window(usual, "chicken-thigh.sliced").bestUntilSeconds());
        assertThat(gentle.broths().sides().get(0).dropLimit().value())
                .isLessThan(usual.broths().sides().get(0).dropLimit().value());
        assertThat(gentle.table().audit()).isEmpty();
        assertThat(gentle.unmet()).allMatch(unmet -> unmet.severity() == Unmet.Severity.WISH);
    }

    @Test
    void aGentlePotIsSkimmedMoreOften() {
        assertThat(skims(plan(Boil.GENTLE))).isGreaterThan(skims(plan(Boil.SIMMER)));
    }

    private static long skims(Plan plan) {
        return plan.table().cues().stream()
                .filter(cue -> cue.text().equals("Skim the foam"))
                .count();
    }

    /** High up the boil itself nears the floor: gentle never goes below what raw food needs. */
    @ParameterizedTest
    @ValueSource(ints = {-300, 0, 500, 1500, 2500, 4000})
    void gentleStaysAboveTheFloorAtAnyAltitude(int altitude) {
        Simmer gentle = Simmer.of(altitude, 0.5, true);
        Simmer usual = Simmer.of(altitude, 0.5, false);
        assertThat(gentle.floorC()).isEqualTo(usual.floorC());
        assertThat(gentle.simmerC()).isGreaterThan(gentle.floorC()).isLessThanOrEqualTo(usual.simmerC());
        assertThat(gentle.keptC()).isGreaterThanOrEqualTo(gentle.simmerC()).isLessThanOrEqualTo(gentle.boilC());
    }
}
