package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** The same evening for what is wanted above all. */
class EmphasisTest {
    private static TablePlan table(Brief brief, Emphasis emphasis) {
        return Briefs.PLANNER.sequence(brief.emphasising(emphasis), TableState.empty());
    }

    static LongStream seeds() {
        return Seeds.of(1, 13);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void calmHasNoMoreToDoAndQuickWaitsNoLonger(long seed) {
        Brief brief = Parties.random(seed);
        TablePlan balanced = table(brief, Emphasis.BALANCED);
        TablePlan calm = table(brief, Emphasis.CALM);
        TablePlan quick = table(brief, Emphasis.QUICK);

        assertThat(calm.cuesPerMinute().value())
                .isLessThanOrEqualTo(balanced.cuesPerMinute().value());
        assertThat(quick.longestWait().value())
                .isLessThanOrEqualTo(balanced.longestWait().value());
        assertThat(calm.audit()).isEmpty();
        assertThat(quick.audit()).isEmpty();
    }
}
