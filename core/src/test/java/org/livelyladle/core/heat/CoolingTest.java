package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CoolingTest {
    /** Newton's law of cooling, stepped second by second without heat: the same mass in the same surroundings. */
    @Test
    void coolingFollowsASteppedSide() {
        double wPerK = 4;
        StirredSide side = new StirredSide(1000, 57, 100, 4, wPerK, 4100);
        int seconds = 0;
        while (side.celsius() > 21) {
            side.second(0, 0, 0);
            seconds++;
        }
        assertThat(Cooling.of(4100, wPerK, 4).to21Seconds().orElseThrow()).isCloseTo(seconds, within(1.0));
    }

    /** FDA Food Code 2022, 3-501.14 (A): 57 to 21 °C within 2 hours, to 5 °C within 6 hours in all. */
    @Test
    void bothLimitsOfTheFoodCodeCount() {
        double perSecond = Math.log(57.0 / 21) / (2 * 3600);
        assertThat(Cooling.of(1, perSecond * 1.001, 0).isFastEnough()).isTrue();
        assertThat(Cooling.of(1, perSecond * 0.999, 0).isFastEnough()).isFalse();

        double round = 4;
        double whole = Math.log((57 - round) / (5 - round)) / (6 * 3600);
        assertThat(Cooling.of(1, whole * 1.001, round).isFastEnough()).isTrue();
        assertThat(Cooling.of(1, whole * 0.999, round).isFastEnough()).isFalse();
    }

    @Test
    void aRoomOfTwentyDegreesNeverGetsItCold() {
        Cooling room = Cooling.of(4100, 100, 20);

        assertThat(room.to21Seconds()).isPresent();
        assertThat(room.to5Seconds()).isEmpty();
        assertThat(room.isFastEnough()).isFalse();
    }
}
