package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Records;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.UnsolvableException;

class SideHeatTest {
    private static SideProblem side(
            double startC, double watts, double loss, int seconds, SideProblem.FoodDrop... drops) {
        return new SideProblem(1500.0, startC, watts, loss, 20.0, 100.0, seconds, 4100.0, false, List.of(drops));
    }

    private static double last(SideHeat heat) {
        return heat.temperatureC().get(heat.temperatureC().size() - 1);
    }

    /** Newton's law with a source: T = Teq + (T0 - Teq) exp(-UA t / C). */
    @ParameterizedTest
    @ValueSource(ints = {1, 60, 300, 700})
    void heatingFollowsTheClosedForm(int seconds) {
        double capacity = 1.5 * 4100;
        double end = 20 + 900 / 2.0;
        assertThat(last(SideHeat.of(side(20, 900, 2, seconds))))
                .isCloseTo(Math.min(100, end + (20 - end) * Math.exp(-2.0 * seconds / capacity)), within(1e-9));
        assertThat(last(SideHeat.of(side(90, 0, 2, seconds))))
                .isCloseTo(20 + 70 * Math.exp(-2.0 * seconds / capacity), within(1e-9));
        assertThat(last(SideHeat.of(side(20, 500, 0, seconds))))
                .isCloseTo(Math.min(100, 20 + 500 * seconds / capacity), within(1e-9));
    }

    /** All heat is accounted for: what the mass took up, what was lost dry, and steam. */
    @Test
    void energyIsConserved() {
        SideHeat heat = SideHeat.of(side(20, 900, 0, 900));
        double steam = heat.evaporatedG() * StirredSide.LATENT_J_PER_G;
        assertThat(900 * 900 - steam).isCloseTo(1.5 * 4100 * 80, within(1e-3));
        assertThat(last(heat)).isEqualTo(100);
    }

    /** Latent heat at 100 °C against IAPWS-IF97. */
    @Test
    void theLatentHeatIsThatOfTheSteamTables() {
        IF97 tables = new IF97(IF97.UnitSystem.DEFAULT);
        double latent =
                tables.specificEnthalpySaturatedVapourT(373.15) - tables.specificEnthalpySaturatedLiquidT(373.15);
        assertThat(StirredSide.LATENT_J_PER_G).isCloseTo(latent, within(2.0));
    }

    /** 200 g of 5 °C into 1500 g at T: (6150 T + 700 x 5) / 6850. */
    @Test
    void aDropMixesInAtOnceAndStays() {
        SideProblem.FoodDrop drop = new SideProblem.FoodDrop(300, 200.0, 5.0, 3500.0);
        SideHeat with = SideHeat.of(side(20, 900, 2, 900, drop));
        SideHeat without = SideHeat.of(side(20, 900, 2, 300));
        double before = last(without);

        assertThat(with.temperatureC()).hasSize(901);
        assertThat(with.temperatureC().get(300)).isCloseTo((6150 * before + 700 * 5) / 6850, within(1e-9));
        double end = 20 + 900 / 2.0;
        assertThat(with.temperatureC().get(400))
                .isCloseTo(end + (with.temperatureC().get(300) - end) * Math.exp(-2.0 * 100 / 6850), within(1e-9));
    }

    /** Order of magnitude a full drop takes to come back: 150 to 180 s; memory. */
    @Test
    void aFullDropIsBackAtTheBoilInMinutes() {
        SideHeat heat = SideHeat.of(side(100, 700, 2, 600, new SideProblem.FoodDrop(0, 220.0, 5.0, 3500.0)));
        int back = 0;
        while (heat.temperatureC().get(back) < 100) {
            back++;
        }
        assertThat(back).isBetween(100, 200);
    }

    @Test
    void aFreeSurfaceCoolsFasterAndLosesWater() {
        SideProblem closed = side(90, 0, 2, 1800);
        SideHeat open = SideHeat.of(Records.with(closed, "freeSurface", true));
        assertThat(open.evaporatedG()).isBetween(1.0, 100.0);
        assertThat(last(open)).isLessThan(last(SideHeat.of(closed)));
        assertThat(SideHeat.of(closed).evaporatedG()).isZero();
    }

    @Test
    void dryingUpAndBadInputAreSaid() {
        assertThatThrownBy(() -> SideHeat.of(side(100, 10_000, 0, 3600)))
                .isInstanceOf(UnsolvableException.class)
                .hasMessageContaining("boils dry at second");
        assertThatThrownBy(() -> side(20, -1, 0, 10)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> side(20, 1, 0, 10, new SideProblem.FoodDrop(11, 1.0, 5.0, 3500.0)))
                .isInstanceOfSatisfying(
                        InvalidInputException.class, e -> assertThat(e.field()).isEqualTo("drops[0].atSecond"));
    }
}
