package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.table.Drop;

class WaitsTest {
    private static Placing bite(int at) {
        Side side = Side.of("pot-1", "kelp-shiitake");
        CookingWindow window = TestWindows.of(Briefs.plain().build()).of("tofu-firm.cubes");
        Batch batch = new Batch(
                Catalogue.builtIn().cut("tofu-firm.cubes"),
                "tofu",
                side,
                side,
                1,
                List.of(new Drop.Serving("ann", 20, 2)),
                window,
                0,
                0,
                7200,
                false);
        Placing placing = new Placing(batch, 0, false, Map.of("ann", 0));
        placing.putIn = at - placing.batch.offset();
        return placing;
    }

    private static int[] bites(int... seconds) {
        Bites bites = new Bites(1);
        for (int second : seconds) {
            bites.add(bite(second));
        }
        return bites.seconds(0);
    }

    /** Waits of 100 (weighed 2.5), 300 and 600 s, whichever of the bites is the one that moves. */
    @Test
    void waitsAreCubedAndTheFirstBiteWeighsMore() {
        Waits waits = new Waits(0, 1000);
        double expected = Math.pow(250, 3) + Math.pow(300, 3) + Math.pow(600, 3);

        assertThat(waits.cost(new int[] {400}, 100, 1, 0)).isEqualTo(expected);
        assertThat(waits.cost(new int[] {100}, 400, 1, 0)).isEqualTo(expected);
        assertThat(waits.cost(new int[] {}, 100, 2, 300)).isEqualTo(expected);
        assertThat(waits.cost(new int[] {100, 400}, 0, 0, 0)).isEqualTo(expected);
    }

    @Test
    void theHeaviestWaitIsFound() {
        Waits waits = new Waits(0, 1000);

        assertThat(waits.longest(0, bites(400, 100))).isEqualTo(new Waits.Longest(0, 400, 1000, 600));
        assertThat(waits.longest(0, bites(500))).isEqualTo(new Waits.Longest(0, 0, 500, 1250));
    }

    @Test
    void aLateGuestWaitsFromArriving() {
        assertThat(new Waits(600, 1000).cost(new int[] {}, 700, 1, 0)).isEqualTo(Math.pow(250, 3) + Math.pow(300, 3));
    }

    @Test
    void aGuestWithoutABiteWaitsAllEvening() {
        assertThat(new Waits(0, 1000).longest(0, bites()).to()).isEqualTo(1000);
    }
}
