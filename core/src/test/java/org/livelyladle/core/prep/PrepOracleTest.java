package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.brief.Brief;

/** Kitchens of 28 to 36 jobs beside OR-Tools CP-SAT, one worker and a fixed limit. */
class PrepOracleTest {
    private static final int HURRIED_MINUTES = 60;
    /** What is near is not moved, and another order is taken for three minutes' gain only. */
    private static final int MOST_LATER = Moment.NEAR_MINUTES + 3;

    private static final double MOST_GAP = 0.15;

    @ParameterizedTest
    @ValueSource(longs = {2, 4, 7, 13, 14, 16})
    void withNothingBegunAnHourBeforeItIsReadyNearTheLeast(long seed) {
        PrepOracle.Gap gap = PrepOracle.hurried(TestPrep.randomKitchen(seed), HURRIED_MINUTES, 1, 2);
        assertThat(gap.proved()).isEqualTo(gap.found());
        assertThat(gap.ours()).isBetween(gap.found(), gap.found() + MOST_LATER);
    }

    @ParameterizedTest
    @ValueSource(longs = {2, 4, 7})
    void whatIsBegunTooEarlyAndWaitsTooLongIsNearTheLeastFound(long seed) {
        Brief kitchen = TestPrep.randomKitchen(seed);
        PrepOracle.Gap gap = PrepOracle.late(kitchen, 1, 0.3);
        assertThat(gap.ours())
                .isGreaterThanOrEqualTo(gap.proved())
                .isLessThanOrEqualTo(Math.round(gap.found() * (1 + MOST_GAP)));
    }
}
