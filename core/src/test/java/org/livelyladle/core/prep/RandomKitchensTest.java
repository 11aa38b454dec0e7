package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;

/** Five hundred seeded kitchens. */
class RandomKitchensTest {
    static LongStream seeds() {
        return Seeds.of(0, 500);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theCheckerFindsNothing(long seed) {
        Brief brief = TestPrep.randomKitchen(seed);
        Prep prep = TestPrep.plan(brief, Facts.none(), Briefs.NOW);
        assertThat(PrepAudit.check(brief, prep)).isEmpty();
    }
}
