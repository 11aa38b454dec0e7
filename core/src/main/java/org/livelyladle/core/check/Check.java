package org.livelyladle.core.check;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The checks the brief's records make of themselves. */
public final class Check {
    private static final Pattern ID = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._:-]{0,79}");

    private Check() {}

    public static <T> T present(@Nullable T value, String field) {
        if (value == null) {
            throw new InvalidInputException(field, "missing", "a value");
        }
        return value;
    }

    public static String id(@Nullable String value, String field) {
        if (value == null || !ID.matcher(value).matches()) {
            throw new InvalidInputException(
                    field, value == null ? "missing" : value, "1 to 80 letters, digits, dots, colons or dashes");
        }
        return value;
    }

    public static String text(@Nullable String value, String field, int longest) {
        String trimmed = value == null ? "" : value.strip();
        if (trimmed.isEmpty() || trimmed.length() > longest) {
            throw new InvalidInputException(
                    field, trimmed.isEmpty() ? "empty" : trimmed, "1 to " + longest + " characters");
        }
        return trimmed;
    }

    public static int range(int value, String field, int min, int max) {
        if (value < min || value > max) {
            throw new InvalidInputException(field, value, "a whole number from " + min + " to " + max);
        }
        return value;
    }

    public static double range(double value, String field, double min, double max) {
        if (!(value >= min && value <= max)) {
            throw new InvalidInputException(
                    field, value, String.format(Locale.ROOT, "a number from %s to %s", min, max));
        }
        return value;
    }

    /** A copy of the list; a missing one is empty. */
    public static <T> List<T> list(@Nullable List<T> values, String field, int most) {
        if (values == null) {
            return List.of();
        }
        if (values.size() > most) {
            throw new InvalidInputException(field, values.size() + " entries", "at most " + most + " entries");
        }
        for (int i = 0; i < values.size(); i++) {
            present(values.get(i), field + "[" + i + "]");
        }
        return List.copyOf(values);
    }

    /** A copy of a list in which no two entries share a key. */
    public static <T> List<T> distinct(@Nullable List<T> values, String field, int most, Function<T, ?> key) {
        List<T> list = list(values, field, most);
        Set<Object> seen = new HashSet<>();
        for (int i = 0; i < list.size(); i++) {
            Object id = key.apply(list.get(i));
            if (!seen.add(id)) {
                throw new InvalidInputException(field + "[" + i + "]", id, "each entry once");
            }
        }
        return list;
    }

    /** A copy in the order of the enum, so that it reads alike on every machine. */
    public static <E extends Enum<E>> Set<E> ordered(Collection<E> values, Class<E> type) {
        EnumSet<E> ordered = EnumSet.noneOf(type);
        ordered.addAll(values);
        return Collections.unmodifiableSet(ordered);
    }

    /** Every reference must be among the known ids. */
    public static void known(String id, Collection<String> ids, String field, String kind) {
        if (!ids.contains(id)) {
            throw new InvalidInputException(field, id, "the id of " + kind);
        }
    }
}
