package org.livelyladle.core.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import org.livelyladle.core.measure.Mark;

/** One record of a catalogue file with the place it stands at; reads fields or says exactly what is wrong. */
record Row(String file, long line, Map<String, String> fields) {
    private static final Pattern ID = Pattern.compile("[a-z0-9]+([-.][a-z0-9]+)*");

    CatalogueException refuse(String field, String accepted) {
        return new CatalogueException(file, line, field, raw(field), accepted);
    }

    String raw(String field) {
        return fields.getOrDefault(field, "").trim();
    }

    String id(String field) {
        String value = raw(field);
        if (!ID.matcher(value).matches()) {
            throw refuse(field, "an id of small letters and digits joined by - or .");
        }
        return value;
    }

    /** An id that must already be known. */
    String reference(String field, Predicate<String> known, String kind) {
        String value = id(field);
        if (!known.test(value)) {
            throw refuse(field, "the id of a known " + kind);
        }
        return value;
    }

    String text(String field) {
        String value = raw(field);
        if (value.isEmpty()) {
            throw refuse(field, "some text");
        }
        return value;
    }

    double number(String field, double min, double max) {
        return optionalNumber(field, min, max).orElseThrow(() -> refuse(field, "a number from " + min + " to " + max));
    }

    OptionalDouble optionalNumber(String field, double min, double max) {
        String value = raw(field);
        if (value.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(amount(field, value, min, max));
    }

    /** A number out of a field that holds more. */
    double amount(String field, String value, double min, double max) {
        String accepted = "a number from " + min + " to " + max;
        double number;
        try {
            number = Double.parseDouble(value);
        } catch (NumberFormatException e) {
            throw refuse(field, accepted);
        }
        if (!(number >= min && number <= max)) {
            throw refuse(field, accepted);
        }
        return number;
    }

    int whole(String field, int min, int max) {
        return optionalWhole(field, min, max)
                .orElseThrow(() -> refuse(field, "a whole number from " + min + " to " + max));
    }

    OptionalInt optionalWhole(String field, int min, int max) {
        OptionalDouble number = optionalNumber(field, min, max);
        if (number.isEmpty()) {
            return OptionalInt.empty();
        }
        if (number.getAsDouble() != Math.rint(number.getAsDouble())) {
            throw refuse(field, "a whole number from " + min + " to " + max);
        }
        return OptionalInt.of((int) number.getAsDouble());
    }

    boolean yesNo(String field) {
        return switch (raw(field)) {
            case "yes", "true" -> true;
            case "no", "false" -> false;
            default -> throw refuse(field, "yes or no");
        };
    }

    <E extends Enum<E>> E oneOf(String field, Class<E> type) {
        return constant(field, raw(field), type);
    }

    /** Constants joined by |; an empty field means none, and has to be said as "none". */
    <E extends Enum<E>> List<E> someOf(String field, Class<E> type) {
        if (raw(field).equals("none")) {
            return List.of();
        }
        return parts(field).stream().map(part -> constant(field, part, type)).toList();
    }

    List<Double> sizes(String field) {
        return Arrays.stream(raw(field).split("x", -1))
                .map(part -> amount(field, part, 0.1, 400))
                .toList();
    }

    List<String> parts(String field) {
        return raw(field).isEmpty() ? List.of() : Arrays.asList(raw(field).split("\\|", -1));
    }

    Mark mark() {
        return oneOf("mark", Mark.class);
    }

    private <E extends Enum<E>> E constant(String field, String value, Class<E> type) {
        return Arrays.stream(type.getEnumConstants())
                .filter(candidate -> candidate.name().equals(value))
                .findFirst()
                .orElseThrow(() -> refuse(field, "one of " + Arrays.toString(type.getEnumConstants())));
    }
}
