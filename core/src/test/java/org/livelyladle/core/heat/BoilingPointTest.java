package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.hummeling.if97.IF97;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.livelyladle.core.check.InvalidInputException;

class BoilingPointTest {
    /** Against the reference library of IAPWS-IF97 over all altitudes. */
    @Test
    void saturationAgreesWithTheSteamTables() {
        IF97 tables = new IF97(IF97.UnitSystem.DEFAULT);
        for (int altitude = -400; altitude <= 5000; altitude += 50) {
            double pressure = BoilingPoint.pressurePa(altitude);
            assertThat(BoilingPoint.saturationC(pressure))
                    .isCloseTo(tables.saturationTemperatureP(pressure / 1e6) - 273.15, within(1e-6));
        }
    }

    /** ISO 2533, table of the standard atmosphere: pressure [Pa] at an altitude. */
    @ParameterizedTest
    @CsvSource({"0,101325", "1000,89874.6", "2000,79495.2", "3000,70108.5", "5000,54019.9"})
    void pressureAgreesWithTheStandardAtmosphere(double altitude, double pressure) {
        assertThat(BoilingPoint.pressurePa(altitude)).isCloseTo(pressure, within(1.0));
    }

    @Test
    void saltRaisesItByItsIons() {
        assertThat(BoilingPoint.celsius(1600, 0.9)).isCloseTo(94.8, within(0.05));
        double molality = 0.9 / 99.1 * 1000 / 58.443;
        assertThat(BoilingPoint.celsius(0, 0.9) - BoilingPoint.celsius(0, 0))
                .isCloseTo(2 * 0.512 * molality, within(1e-9));
        assertThat(BoilingPoint.celsius(0, 0)).isCloseTo(99.97, within(0.01));
    }

    @Test
    void outsideTheAtmosphereItIsRefused() {
        assertThatThrownBy(() -> BoilingPoint.celsius(5001, 0)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> BoilingPoint.celsius(0, -1)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> BoilingPoint.celsius(Double.NaN, 0)).isInstanceOf(InvalidInputException.class);
    }
}
