package org.livelyladle.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.measure.UnitConverter;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

/**
 * Numbers as a cook reads and measures them. Rounding is for reading only: no figure is computed from a rounded one,
 * and safety times are rounded up. US factors come from the unit library (checked against NIST SP 811 in the tests).
 */
public final class KitchenText {
    /** A unit as printed in a table, to so many digits, is still one of it. */
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private static final double ONE = 1 - 1e-6;

    private static final UnitConverter GRAM_TO_POUND = Units.GRAM.getConverterTo(USCustomary.POUND);
    private static final UnitConverter LITRE_TO_CUP = Units.LITRE.getConverterTo(USCustomary.CUP);
    private static final int OUNCES_PER_POUND = 16;
    private static final int TABLESPOONS_PER_CUP = 16;
    private static final int TEASPOONS_PER_CUP = 48;
    private static final int CUPS_PER_QUART = 4;
    /** Metric spoons; common practice [ml]. */
    private static final double TEASPOON_ML = 5;

    private static final double TABLESPOON_ML = 15;
    /** From here on tablespoons are quicker [ml]. */
    private static final double TEASPOONS_TO_ML = 11;
    /** Beyond six tablespoons a jug is quicker [ml]. */
    private static final double MOST_SPOONED_ML = 97;

    private static final Map<String, String> SYMBOLS = Map.of("EUR", "€", "USD", "$", "GBP", "£");

    private final UnitSystem units;
    private final String currency;

    /**
     * @param currency ISO 4217 code
     */
    public KitchenText(UnitSystem units, String currency) {
        this.units = units;
        this.currency = currency;
    }

    /** Mass [g] as 5 g, 0.01 kg, quarter ounces or 0.01 lb. */
    public String grams(double grams) {
        return units == UnitSystem.METRIC ? metricGrams(grams) : usGrams(grams);
    }

    /** Mass [g] that is not to be rounded to what scales show, such as a need beside its packs. */
    public String exactGrams(double grams) {
        return units == UnitSystem.METRIC ? number(grams, grams < 10 ? 1 : 0) + " g" : usGrams(grams);
    }

    /** Volume [ml] as 5 ml, 0.05 l, or spoons, quarter cups and quarts. */
    public String millilitres(double ml) {
        return units == UnitSystem.METRIC ? metricMillilitres(ml) : usMillilitres(ml);
    }

    /** Volume [ml] as a cook spoons it: quarter teaspoons of 5 ml, half tablespoons of 15 ml, else as other volumes. */
    public String spoons(double ml) {
        if (units == UnitSystem.US || ml > MOST_SPOONED_ML) {
            return millilitres(ml);
        }
        if (ml == 0) {
            return "0";
        }
        return ml < TEASPOONS_TO_ML
                ? fraction(Math.max(0.25, roundTo(ml / TEASPOON_ML, 0.25))) + " tsp"
                : fraction(roundTo(ml / TABLESPOON_ML, 0.5)) + " tbsp";
    }

    private static String fraction(double quarters) {
        long whole = (long) Math.floor(quarters);
        String rest = List.of("", "¼", "½", "¾").get((int) Math.round((quarters - whole) * 4));
        return (whole == 0 && !rest.isEmpty() ? "" : String.valueOf(whole)) + rest;
    }

    /** Money [cents] with two decimals. */
    public String money(double cents) {
        String symbol = SYMBOLS.get(currency);
        String amount = String.format(Locale.ROOT, "%.2f", cents / 100);
        return symbol == null ? amount + " " + currency : symbol + amount;
    }

    /** A temperature [°C] as "98 °C" or "208 °F". */
    public String celsius(double celsius) {
        return units == UnitSystem.METRIC ? number(celsius, 1) + " °C" : number(celsius * 9 / 5 + 32, 0) + " °F";
    }

    /** A duration [s] as "45 s" or "1 min 50 s". */
    public static String seconds(double seconds) {
        long whole = (long) Math.ceil(seconds - 1e-9);
        if (Math.abs(whole) < 60) {
            return whole + " s";
        }
        long rest = whole % 60;
        return whole / 60 + " min" + (rest == 0 ? "" : " " + rest + " s");
    }

    /** A duration [min] as "45 min" or "2 h 10 min". */
    public static String minutes(double minutes) {
        long whole = Math.round(minutes);
        if (whole < 60) {
            return whole + " min";
        }
        return whole / 60 + " h" + (whole % 60 == 0 ? "" : " " + whole % 60 + " min");
    }

    /** "1 piece", "7 pieces". */
    public static String pieces(long count) {
        return count + (count == 1 ? " piece" : " pieces");
    }

    public static String drops(long count) {
        return count + (count == 1 ? " drop" : " drops");
    }

    /** @return "19:05" */
    public static String clock(TemporalAccessor when) {
        return CLOCK.format(when);
    }

    /** @return "Sat 28 Nov" */
    public static String day(TemporalAccessor when) {
        return DAY.format(when);
    }

    /** The beginning of a sentence: "tofu puffs" as "Tofu puffs". */
    public static String upper(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** A name inside a sentence: "Tofu puffs" as "tofu puffs". */
    public static String lower(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** Several things of which one is meant: "a, b or c". */
    public static String or(List<String> things) {
        int last = things.size() - 1;
        return last < 1
                ? String.join("", things)
                : String.join(", ", things.subList(0, last)) + " or " + things.get(last);
    }

    /** A plain number with at most so many decimals, trailing zeros cut. */
    public static String number(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String metricGrams(double grams) {
        if (grams >= 999.5) {
            return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
        }
        return number(grams < 20 ? Math.round(grams) : roundTo(grams, 5), 0) + " g";
    }

    private static String usGrams(double grams) {
        double pounds = GRAM_TO_POUND.convert(grams);
        if (pounds >= ONE) {
            return String.format(Locale.ROOT, "%.2f lb", pounds);
        }
        double ounces = pounds * OUNCES_PER_POUND;
        return number(ounces < 1 ? ounces : roundTo(ounces, 0.25), 2) + " oz";
    }

    private static String metricMillilitres(double ml) {
        if (ml >= 997.5) {
            return number(roundTo(ml / 1000, 0.05), 2) + " l";
        }
        return number(ml < 20 ? Math.round(ml) : roundTo(ml, 5), 0) + " ml";
    }

    private static String usMillilitres(double ml) {
        double cups = LITRE_TO_CUP.convert(ml / 1000);
        if (cups >= ONE * CUPS_PER_QUART) {
            return number(roundTo(cups / CUPS_PER_QUART, 0.25), 2) + " qt";
        }
        if (cups >= ONE * 0.25) {
            return number(roundTo(cups, 0.25), 2) + (cups < 1.125 ? " cup" : " cups");
        }
        double spoons = cups * TABLESPOONS_PER_CUP;
        return spoons >= ONE
                ? number(roundTo(spoons, 0.5), 1) + " tbsp"
                : number(roundTo(cups * TEASPOONS_PER_CUP, 0.25), 2) + " tsp";
    }

    private static double roundTo(double value, double step) {
        return Math.round(value / step) * step;
    }
}
