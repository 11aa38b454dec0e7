package org.livelyladle.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;

/** What is offered to a guest who gets nothing feeds that guest, once it is taken. */
class RemediesTest {
    static LongStream seeds() {
        return Seeds.of(0, 40);
    }

    private static Plan plan(Brief brief) {
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whoGetsNothingIsFedByTheRemedy(long seed) {
        Brief brief = Parties.random(seed);
        for (Unmet unmet : plan(brief).unmet()) {
            if (unmet.severity() == Unmet.Severity.CANNOT_EAT && unmet.remedy().edit() != null) {
                assertThat(plan(unmet.remedy().edit().apply(brief)).table().drops())
                        .as("%s, then %s", unmet.text(), unmet.remedy())
                        .anyMatch(drop -> drop.servings()
                                .anyMatch(serving -> serving.guest().equals(unmet.guest())));
            }
        }
    }
}
