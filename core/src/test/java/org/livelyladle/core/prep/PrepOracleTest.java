package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Seeded kitchens beside OR-Tools CP-SAT, one worker and a fixed limit. */
class PrepOracleTest {
    private static final int HURRIED_MINUTES = 60;
    /** Another order is taken for so much only [min]. */
    private static final int LEAST_GAIN = 3;

    private static final long[] HURRIED = {2, 4, 7, 13, 14, 16};
    private static final long[] IN_TIME = {2, 4, 7};

    /** What is near is not moved, and a night may lie in between. */
    @Test
    void withNothingBegunAnHourBeforeItIsReadyNearTheLeast() {
        double later = 0;
        for (long seed : HURRIED) {
            PrepOracle.Gap gap = PrepOracle.hurried(TestPrep.randomKitchen(seed), HURRIED_MINUTES, 1, 2);
            assertThat(gap.proved()).as("seed " + seed).isEqualTo(gap.found());
            assertThat(gap.ours()).as("seed " + seed).isBetween(gap.found(), gap.found() + HURRIED_MINUTES / 2);
            later += gap.ours() - gap.found();
        }
        assertThat(later / HURRIED.length).isLessThanOrEqualTo(Moment.NEAR_MINUTES + LEAST_GAIN);
    }

    @Test
    void whatIsBegunTooEarlyAndWaitsTooLongIsNearTheLeastFound() {
        double heavier = 0;
        for (long seed : IN_TIME) {
            PrepOracle.Gap gap = PrepOracle.late(TestPrep.randomKitchen(seed), 1, 0.3);
            assertThat(gap.ours()).as("seed " + seed).isGreaterThanOrEqualTo(gap.proved());
            heavier += gap.ours() / (double) gap.found() - 1;
        }
        assertThat(heavier / IN_TIME.length).isLessThan(0.25);
    }
}
