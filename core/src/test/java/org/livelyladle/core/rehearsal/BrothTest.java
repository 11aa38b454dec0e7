package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.heat.HeatUp;

/** The simulator of a side against closed forms, balances and steam tables. */
class BrothTest {
    private static final double FILL = 1500;
    private static final double OUTSIDE_M2 = 0.06;

    private static Broth broth(double keptC, double openM2) {
        Broth broth = new Broth(new Broth.Kind(FILL, 3000, 100, keptC, 85, openM2, OUTSIDE_M2, 200));
        broth.begin();
        broth.cover(Integer.MAX_VALUE);
        return broth;
    }

    /** {@code T = Tend + (T0 - Tend) exp(-t UA / C)}, with no water lost under a lid. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 150, 600})
    void underALidItWarmsAndCoolsByTheClosedForm(double watts) {
        Broth broth = broth(90, 0);
        double joulePerK = FILL * 4.1;
        double lossWPerK = 10 * OUTSIDE_M2;
        double end = 20 + watts / lossWPerK;
        for (int second = 1; second <= 120; second++) {
            broth.second(second, watts, true);
            double closed = Math.min(100, end + (90 - end) * Math.exp(-second * lossWPerK / joulePerK));
            assertThat(broth.celsius()).isCloseTo(closed, within(0.02));
            assertThat(broth.celsius() == 100 || broth.grams() == FILL).isTrue();
        }
    }

    /** The same against the planner's closed form of the time to a boil. */
    @Test
    void isAtTheBoilWhenTheClosedFormSaysSo() {
        Broth broth = broth(60, 0);
        int second = 0;
        while (broth.celsius() < 100) {
            broth.second(second, 900, true);
            second++;
        }
        double closed =
                HeatUp.seconds(FILL * 4.1, 60, 100, 900, 10 * OUTSIDE_M2, 20).orElseThrow();

        assertThat((double) second).isCloseTo(closed, within(2.0));
    }

    /** At the boil all surplus heat leaves with steam; IAPWS-IF97 gives the heat of vaporization. */
    @Test
    void boilsAwayWhatSteamTablesSay() {
        IF97 steam = new IF97();
        double perGram =
                steam.specificEnthalpySaturatedVapourT(373.15) - steam.specificEnthalpySaturatedLiquidT(373.15);
        Broth broth = broth(100, 0.03);
        double watts = 500;
        for (int second = 0; second < 600; second++) {
            broth.second(second, watts, false);
        }
        double surplus = watts - 10 * OUTSIDE_M2 * 80;

        assertThat(FILL - broth.grams()).isCloseTo(surplus * 600 / perGram, within(1.0));
    }

    @ParameterizedTest
    @ValueSource(doubles = {20, 60, 80, 90, 94.5, 99})
    void vapourPressureIsThatOfTheSteamTables(double celsius) {
        double pascal = new IF97().saturationPressureT(celsius + 273.15) * 1e6;

        assertThat(Broth.pascal(celsius)).isCloseTo(pascal, within(0.005 * pascal));
    }

    /** Mixed at once, or warmed slowly: in the end as warm as the calorimeter's equation has it. */
    @ParameterizedTest
    @ValueSource(doubles = {5, -18})
    void foodTakesTheHeatItIsOwed(double startC) {
        double food = 200;
        double ice = startC < 0 ? food * (250 + 2.0 * (-1.5 - startC)) : 0;
        double even = (FILL * 4.1 * 95 + food * 3.5 * Math.max(startC, -1.5) - ice) / (FILL * 4.1 + food * 3.5);
        Broth mixed = new Broth(new Broth.Kind(FILL, 3000, 100, 95, 85, 0, 0, 0));
        mixed.begin();
        Broth slow = new Broth(new Broth.Kind(FILL, 3000, 100, 95, 85, 0, 0, 0));
        slow.begin();

        mixed.mix(food, 200, startC);
        slow.lump(0, food, 200, startC, 40);
        for (int second = 0; second < 1200; second++) {
            slow.second(second, 0, true);
        }

        assertThat(mixed.celsius()).isCloseTo(even, within(0.01));
        assertThat(slow.celsius()).isCloseTo(even, within(0.05));
    }

    @Test
    void whatIsNearlyEmptyIsDryAndFollowedNoFurther() {
        Broth broth = broth(95, 0.03);
        broth.ladle(0.96 * FILL);
        broth.second(0, 1000, false);
        double celsius = broth.celsius();
        broth.second(0, 1000, false);

        assertThat(broth.isDry()).isTrue();
        assertThat(broth.celsius()).isEqualTo(celsius);
    }
}
