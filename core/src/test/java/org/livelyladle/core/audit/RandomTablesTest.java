package org.livelyladle.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;

/** 200 seeded random parties with all kinds of needs, pots, menus and pins: the audit finds nothing. */
class RandomTablesTest {
    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noHardRuleIsBroken(long seed) {
        Brief brief = Briefs.random(seed);
        Planned planned = Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW);
        Plan plan = planned.plan();

        assertThat(TableAudit.check(
                        brief,
                        Catalogue.builtIn(),
                        plan.windows(),
                        plan.portions().lines(),
                        plan.table()))
                .isEmpty();
        plan.windows()
                .forEach(window -> assertThat(window.ready().value())
                        .isGreaterThanOrEqualTo(window.safe().value()));
    }
}
