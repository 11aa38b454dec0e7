package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeatUpTest {
    /** The closed form against the same vessel stepped second by second under its lid. */
    @ParameterizedTest
    @CsvSource({"1000,1000,1.0,15,95", "3600,990,2.2,20,98", "800,330,0.9,85,98"})
    void itAgreesWithASteppedSide(double grams, double watts, double loss, double from, double to) {
        StirredSide side = new StirredSide(grams, from, 101, 20, loss, 4100);
        int seconds = 0;
        while (side.celsius() < to) {
            side.second(watts, 0, 0);
            seconds++;
        }
        double closed = HeatUp.seconds(grams * 4.1, from, to, watts, loss, 20).orElseThrow();
        assertThat(closed).isCloseTo(seconds, within(1.0));
    }

    @Test
    void aHeatThatOnlyMakesUpForLossesNeverGetsThere() {
        assertThat(HeatUp.seconds(4100, 20, 100, 80, 1, 20)).isEmpty();
        assertThat(HeatUp.seconds(4100, 20, 100, 80.001, 1, 20)).isPresent();
        assertThat(HeatUp.seconds(4100, 100, 100, 0, 1, 20)).hasValue(0);
    }

    /** A lid saves what the open surface gives off; no more leaves than it is allowed to below the boil. */
    @Test
    void anOpenSurfaceCoolsAndLosesWater() {
        StirredSide open = new StirredSide(1000, 90, 100, 20, 1, 4100);
        StirredSide covered = new StirredSide(1000, 90, 100, 20, 1, 4100);
        StirredSide ajar = new StirredSide(1000, 90, 100, 20, 1, 4100);
        double gone = 0;
        for (int i = 0; i < 300; i++) {
            open.second(0, 0.03, Double.MAX_VALUE);
            covered.second(0, 0, 0);
            gone += ajar.second(0, 0.03, 100);
        }
        assertThat(open.celsius()).isLessThan(ajar.celsius());
        assertThat(ajar.celsius()).isLessThan(covered.celsius());
        assertThat(gone).isCloseTo(300 * 100 / StirredSide.LATENT_J_PER_G, within(1e-6));
        assertThat(covered.brothG()).isEqualTo(1000);
    }

    @Test
    void noMoreLeavesThanThereIs() {
        StirredSide side = new StirredSide(100, 90, 100, 20, 1, 4100);

        assertThat(side.takeOut(150)).isEqualTo(100);
        assertThat(side.brothG()).isZero();
    }
}
