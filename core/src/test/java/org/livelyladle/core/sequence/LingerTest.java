package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.table.Stay;

/** Shared food may be in the broth longer than it must: as long as it is good and leaves slack. */
class LingerTest {
    @ParameterizedTest
    @ValueSource(
            strings = {"shiitake.halved", "fish-ball.frozen", "carrot.sliced", "chicken-thigh.sliced", "prawn.peeled"})
    void theLongestStillLeavesSlack(String cut) {
        Batch batch = Placings.of(cut, 120, 6, 0).batch;
        CookingWindow window = batch.window();
        int slack = Math.min(20, (window.bestUntilSeconds() - window.readySeconds()) / 2);

        List<Stay> stays = batch.stays("pot", 600, batch.mostLinger());

        assertThat(stays).allSatisfy(stay -> {
            assertThat(stay.putIn()).isEqualTo(600);
            assertThat(stay.takeOut()).isBetween(stay.ready() + slack, stay.bestUntil() - slack);
        });
        int last = stays.stream().mapToInt(Stay::takeOut).max().orElseThrow();
        assertThat(last).isGreaterThan(600 + window.bestUntilSeconds() - slack - TablePlanner.GRID_SECONDS);
    }

    @Test
    void whatIsHeldDoesNot() {
        assertThat(Placings.of("beef-ribeye.sliced", 24, 2, 0).mostLinger).isZero();
    }

    @Test
    void someOfTenEveningsLingers() {
        List<Placing> evenings =
                SeededTable.small(10).flatMap(table -> table.placed().stream()).toList();
        assertThat(evenings).anySatisfy(placing -> {
            assertThat(placing.linger).isPositive();
            assertThat(placing.firstOut()).isEqualTo(placing.putIn + placing.linger + placing.batch.offset());
        });
    }
}
