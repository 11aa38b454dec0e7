package org.livelyladle.core.sides;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;

/** Nobody takes a side for another that holds the same broth: for somebody with an allergy it is not the same. */
class SideNamesTest {
    @Test
    void sidesOfOneBrothAreToldApartByPotAndByPlace() {
        Briefs briefs = Briefs.plain();
        briefs.pots.clear();
        briefs.pots.add(Briefs.pot("split", 6000, "kelp-shiitake", "smoked-tomato", "kelp-shiitake"));
        briefs.pots.add(Briefs.pot("clean", 3000, "kelp-shiitake"));
        Brief brief = briefs.build();

        assertThat(SideNames.of(
                                brief,
                                Briefs.PLANNER
                                        .plan(brief, Facts.none(), Briefs.NOW)
                                        .plan()
                                        .broths()
                                        .sides())
                        .values())
                .containsExactly(
                        "Kelp and shiitake, split, side 1",
                        "Smoked tomato",
                        "Kelp and shiitake, split, side 3",
                        "Kelp and shiitake, clean");
    }
}
