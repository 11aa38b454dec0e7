package org.livelyladle.server.exchange;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An amount as recipes write it: a number, perhaps with a fraction, a unit, and the rest of the line.
 *
 * @param number how many [1]
 * @param unit one of {@link #UNITS}; null where pieces are counted
 * @param rest what it is of
 */
record RecipeAmount(double number, @Nullable Unit unit, String rest) {
    private static final Map<String, Double> FRACTIONS =
            Map.of("½", 0.5, "¼", 0.25, "¾", 0.75, "⅓", 1.0 / 3, "⅔", 2.0 / 3, "⅛", 0.125);
    private static final Pattern NUMBER = Pattern.compile(
            "\\s*(?:(\\d{1,5}(?:[.,]\\d{1,3})?)(?![\\d.,]*\\s*/)(?:\\s*[-–]\\s*\\d{1,5})?)?\\s*(?:(\\d{1,2})\\s*/\\s*(\\d{1,2})|([½¼¾⅓⅔⅛]))?\\s*");
    private static final Pattern WORD = Pattern.compile("([A-Za-z]+)\\.?\\s*(?:of\\s+)?");

    /** Grams or millilitres of a unit; US units after NIST SP 811, spoons by common practice. */
    enum Unit {
        GRAM(1, false, "g", "gram", "grams"),
        KILOGRAM(1000, false, "kg", "kilo", "kilos", "kilogram", "kilograms"),
        OUNCE(453.59237 / 16, false, "oz", "ounce", "ounces"),
        POUND(453.59237, false, "lb", "lbs", "pound", "pounds"),
        MILLILITRE(1, true, "ml", "millilitre", "millilitres", "milliliter", "milliliters"),
        LITRE(1000, true, "l", "litre", "litres", "liter", "liters"),
        CUP(236.5882365, true, "cup", "cups"),
        QUART(946.352946, true, "qt", "quart", "quarts"),
        TABLESPOON(15, true, "tbsp", "tablespoon", "tablespoons"),
        TEASPOON(5, true, "tsp", "teaspoon", "teaspoons");

        private final double size;
        private final boolean volume;
        private final String[] names;

        Unit(double size, boolean volume, String... names) {
            this.size = size;
            this.volume = volume;
            this.names = names;
        }

        static Optional<Unit> named(String word) {
            String wanted = word.toLowerCase(Locale.ROOT);
            for (Unit unit : values()) {
                for (String name : unit.names) {
                    if (name.equals(wanted)) {
                        return Optional.of(unit);
                    }
                }
            }
            return Optional.empty();
        }

        boolean isVolume() {
            return volume;
        }
    }

    /** Empty for a line that does not begin with a number. */
    static Optional<RecipeAmount> read(String line) {
        Matcher matcher = NUMBER.matcher(line);
        if (!matcher.lookingAt() || matcher.group().isBlank()) {
            return Optional.empty();
        }
        double number = matcher.group(1) == null
                ? 0
                : Double.parseDouble(matcher.group(1).replace(',', '.'));
        if (matcher.group(2) != null) {
            double below = Double.parseDouble(matcher.group(3));
            number += below == 0 ? 0 : Double.parseDouble(matcher.group(2)) / below;
        } else if (matcher.group(4) != null) {
            number += FRACTIONS.get(matcher.group(4));
        }
        String rest = line.substring(matcher.end());
        Matcher word = WORD.matcher(rest);
        if (word.lookingAt()) {
            Optional<Unit> unit = Unit.named(word.group(1));
            if (unit.isPresent()) {
                return Optional.of(new RecipeAmount(
                        number, unit.get(), rest.substring(word.end()).strip()));
            }
        }
        return Optional.of(new RecipeAmount(number, null, rest.strip()));
    }

    /** In grams or millilitres, as the unit says. */
    double amount() {
        return unit == null ? number : number * unit.size;
    }

    boolean isVolume() {
        return unit != null && unit.isVolume();
    }
}
