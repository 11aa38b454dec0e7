package org.livelyladle.core.broths;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.table.TablePlan;

class BrothChoiceTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    /** Whoever the chooser says a broth is not for gets nothing from a side of it in the plan. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whomItShutsOutEatsNothingFromIt(long seed) {
        Brief brief = Parties.random(seed);
        List<BrothChoice> choices = BrothChoice.of(brief, CATALOGUE);
        TablePlan table =
                Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan().table();
        for (Side side : brief.sides()) {
            BrothChoice choice = choices.stream()
                    .filter(one -> one.broth().equals(side.broth()))
                    .findFirst()
                    .orElseThrow();
            List<String> eaters = table.drops().stream()
                    .filter(drop -> drop.side().equals(side.id()))
                    .flatMap(drop -> drop.stays().stream())
                    .flatMap(stay -> stay.servings().stream())
                    .map(serving -> serving.guest())
                    .toList();

            assertThat(choice.closedTo())
                    .as(seed + " " + side.id())
                    .allSatisfy(closed -> assertThat(eaters).doesNotContain(closed.guest()));
        }
    }
}
