package org.livelyladle.server.exchange;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;

/** Reads the cells of one row, or says which is wrong and what is accepted. */
record RowReader(Map<String, String> cells) {
    private static final Pattern WEIGHT = Pattern.compile("(\\d{1,7}(?:[.,]\\d{1,3})?)\\s*(g|kg|oz|lb)?");
    private static final Pattern MONEY = Pattern.compile("[€$£]?\\s*(\\d{1,6})(?:[.,](\\d{1,2}))?");
    /** Exact by definition of the international pound, NIST SP 811. */
    private static final double GRAMS_PER_POUND = 453.59237;

    private static final int OUNCES_PER_POUND = 16;

    String optional(String column) {
        String cell = cells.getOrDefault(column, "").strip();
        boolean guarded = cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0;
        return guarded ? cell.substring(1) : cell;
    }

    String required(String column) {
        String cell = optional(column);
        if (cell.isEmpty()) {
            throw new InvalidInputException(column, "empty", "some text");
        }
        return cell;
    }

    /** Grams; "1.2 kg", "8 oz" and "2 lb" are understood. */
    @Nullable
    Double grams(String column) {
        String cell = optional(column).toLowerCase(Locale.ROOT);
        if (cell.isEmpty()) {
            return null;
        }
        Matcher matcher = WEIGHT.matcher(cell);
        if (!matcher.matches()) {
            throw new InvalidInputException(column, cell, "a weight such as 500, 500 g, 1.2 kg, 8 oz or 2 lb");
        }
        double number = Double.parseDouble(matcher.group(1).replace(',', '.'));
        return number
                * switch (String.valueOf(matcher.group(2))) {
                    case "kg" -> 1000;
                    case "oz" -> GRAMS_PER_POUND / OUNCES_PER_POUND;
                    case "lb" -> GRAMS_PER_POUND;
                    default -> 1;
                };
    }

    /** Cents; "3.49" and "3,49" are understood. */
    @Nullable
    Integer cents(String column) {
        String cell = optional(column);
        if (cell.isEmpty()) {
            return null;
        }
        Matcher matcher = MONEY.matcher(cell);
        if (!matcher.matches()) {
            throw new InvalidInputException(column, cell, "a price such as 3.49");
        }
        String rest = matcher.group(2) == null ? "00" : (matcher.group(2) + "0").substring(0, 2);
        return Integer.parseInt(matcher.group(1)) * 100 + Integer.parseInt(rest);
    }

    /** The constant that is called so, by its name or its label; the given one for an empty cell. */
    <E extends Enum<E>> E oneOf(String column, Class<E> type, Function<E, String> label, E otherwise) {
        String cell = optional(column);
        return cell.isEmpty() ? otherwise : named(column, cell, type, label);
    }

    /** Constants joined by | or comma. */
    <E extends Enum<E>> List<E> someOf(String column, Class<E> type, Function<E, String> label) {
        return Arrays.stream(optional(column).split("[|,;]"))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .map(part -> named(column, part, type, label))
                .distinct()
                .toList();
    }

    private static <E extends Enum<E>> E named(String column, String text, Class<E> type, Function<E, String> label) {
        return find(text, type, label)
                .orElseThrow(() -> new InvalidInputException(
                        column,
                        text,
                        "one of "
                                + String.join(
                                        ", ",
                                        Arrays.stream(type.getEnumConstants())
                                                .map(label)
                                                .toList())));
    }

    static <E extends Enum<E>> Optional<E> find(String text, Class<E> type, Function<E, String> label) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(type.getEnumConstants())
                .filter(constant ->
                        label.apply(constant).toLowerCase(Locale.ROOT).equals(wanted)
                                || constant.name()
                                        .toLowerCase(Locale.ROOT)
                                        .replace('_', ' ')
                                        .equals(wanted)
                                || constant.name().equalsIgnoreCase(wanted))
                .findFirst();
    }
}
