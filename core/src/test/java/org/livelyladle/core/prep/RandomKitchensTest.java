package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.audit.PrepAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.Facts;

/** Five hundred seeded kitchens, in slices that run side by side. */
class RandomKitchensTest {
    private static final int SLICE = 50;

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
    void theCheckerFindsNothing(int slice) {
        for (long seed = (long) slice * SLICE; seed < (slice + 1L) * SLICE; seed++) {
            Brief brief = TestPrep.randomKitchen(seed);
            Prep prep = TestPrep.plan(brief, Facts.none(), Briefs.NOW);
            assertThat(PrepAudit.check(brief, prep)).as("seed " + seed).isEmpty();
        }
    }
}
