package org.livelyladle.core.kettle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.TopUp;

class TopUpRuleTest {
    /** A side of a litre in a pot of two, topped up by 150 ml with reserve of 0.9 %. */
    private static final TopUpRule AUTO = new TopUpRule(TopUp.AUTO, new SaltBand(0.8, 1.0), true, 1000, 2000, 150, 0.9);

    @Test
    void aSaltySideGetsWaterABlandOneIsSeasoned() {
        assertThat(AUTO.decide(800, 0, 800 * 0.011))
                .hasValueSatisfying(dose -> assertThat(dose.kind()).isEqualTo(Pouring.Kind.WATER));
        assertThat(AUTO.decide(800, 0, 800 * 0.009))
                .hasValueSatisfying(dose -> assertThat(dose.kind()).isEqualTo(Pouring.Kind.RESERVE));
        assertThat(AUTO.decide(800, 0, 800 * 0.006)).hasValueSatisfying(dose -> {
            assertThat(dose.kind()).isEqualTo(Pouring.Kind.SEASONED);
            assertThat((800 * 0.006 + 150 * 0.009 + dose.stirredG()) / 950).isCloseTo(0.009, within(1e-9));
        });
        assertThat(AUTO.decide(800, 1100, 8)).as("no room under the brim").isEmpty();
    }
}
