package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Seeds;

/** Small tables beside what OR-Tools CP-SAT makes of the same batches. */
class TableOracleTest {
    /** Nobody should sit before an empty bowl for longer [s]. */
    private static final int AIM = 240;

    /** Both know the same rules: the solver accepts our times, and we accept the solver's. */
    @ParameterizedTest
    @ValueSource(longs = {13, 49, 83, 336})
    void theSolverKnowsTheSameRules(long seed) {
        SeededTable table = SeededTable.random(seed);

        TableOracle.Bounds bounds = TableOracle.solve(table, 1, 0.2);

        assertThat(bounds.breaks()).isEmpty();
        assertThat(bounds.proved()).isLessThanOrEqualTo(bounds.found());
        assertThat(bounds.found()).isLessThanOrEqualTo(table.longestWait());
    }

    @Test
    void nobodyWaitsFourMinutesAtASeededTable() {
        assertThat(SeededTable.small(Seeds.many(60)))
                .allSatisfy(table ->
                        assertThat(table.longestWait()).as(table.name()).isLessThanOrEqualTo(AIM));
    }
}
