package org.livelyladle.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

class KitchenTextTest {
    private final KitchenText metric = new KitchenText(UnitSystem.METRIC, "EUR");
    private final KitchenText us = new KitchenText(UnitSystem.US, "USD");

    /** NIST SP 811, appendix B.8: 1 lb = 453.59237 g exactly, 1 US cup = 236.5882365 ml exactly. */
    @Test
    void theUnitLibraryHoldsThePublishedFactors() {
        assertThat(USCustomary.POUND.getConverterTo(Units.GRAM).convert(1)).isCloseTo(453.59237, within(1e-9));
        assertThat(USCustomary.CUP.getConverterTo(Units.LITRE).convert(1)).isCloseTo(0.2365882365, within(1e-9));
    }

    /** One of each US unit in ml or g as printed in NIST Handbook 44, appendix C; a cook reads the unit itself. */
    @ParameterizedTest
    @CsvSource({
        "4.928921594,1 tsp",
        "14.78676478,1 tbsp",
        "59.14706,0.25 cup",
        "236.5882365,1 cup",
        "473.176473,2 cups",
        "946.352946,1 qt",
        "1892.705892,2 qt"
    })
    void publishedVolumesReadAsTheirUnit(double ml, String unit) {
        assertThat(us.millilitres(ml)).isEqualTo(unit);
    }

    @ParameterizedTest
    @CsvSource({"28.349523125,1 oz", "113.3980925,4 oz", "453.59237,1.00 lb", "907.18474,2.00 lb"})
    void publishedMassesReadAsTheirUnit(double grams, String unit) {
        assertThat(us.grams(grams)).isEqualTo(unit);
    }

    @ParameterizedTest
    @CsvSource({"7.4,7 g,0.26 oz", "136,135 g,4.75 oz", "820,820 g,1.81 lb", "1243,1.24 kg,2.74 lb"})
    void massesAreRoundedAsScalesShowThem(double grams, String inMetric, String inUs) {
        assertThat(metric.grams(grams)).isEqualTo(inMetric);
        assertThat(us.grams(grams)).isEqualTo(inUs);
    }

    @ParameterizedTest
    @CsvSource({"5,5 ml,1 tsp", "62,60 ml,0.25 cup", "480,480 ml,2 cups", "1500,1.5 l,1.5 qt", "30,30 ml,2 tbsp"})
    void volumesAreRoundedAsCooksMeasureThem(double ml, String inMetric, String inUs) {
        assertThat(metric.millilitres(ml)).isEqualTo(inMetric);
        assertThat(us.millilitres(ml)).isEqualTo(inUs);
    }

    /** Metric spoons of 5 and 15 ml: common practice. */
    @ParameterizedTest
    @CsvSource({"0.4,¼ tsp", "2.5,½ tsp", "8.7,1¾ tsp", "12,1 tbsp", "24,1½ tbsp", "96,6½ tbsp", "120,120 ml"})
    void smallVolumesAreSpooned(double ml, String inMetric) {
        assertThat(metric.spoons(ml)).isEqualTo(inMetric);
    }

    @Test
    void timesAreRoundedUpSoThatNothingIsTakenOutTooSoon() {
        assertThat(KitchenText.seconds(59.2)).isEqualTo("1 min");
        assertThat(KitchenText.seconds(110)).isEqualTo("1 min 50 s");
        assertThat(KitchenText.minutes(130)).isEqualTo("2 h 10 min");
    }

    @Test
    void moneyHasTwoDecimals() {
        assertThat(metric.money(4120)).isEqualTo("€41.20");
        assertThat(us.money(5)).isEqualTo("$0.05");
    }
}
