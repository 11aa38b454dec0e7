package org.livelyladle.core.check;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
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
    private static final Pattern OWN_ID = Pattern.compile("[A-Za-z0-9][A-Za-z0-9_:-]{0,79}");

    private static final int MOST_DAYS_AWAY = 42;
    /** So much of a text that is too long is told. */
    private static final int SHOWN = 40;

    private static final int REPLACEMENT = 0xFFFD;

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

    /** An id the host's devices make. It has no dots, since ids of figures are made of several with dots between them. */
    public static String ownId(@Nullable String value, String field) {
        if (value == null || !OWN_ID.matcher(value).matches()) {
            throw new InvalidInputException(
                    field, value == null ? "missing" : value, "1 to 80 letters, digits, colons or dashes");
        }
        return value;
    }

    /** Without blanks around it; at least one letter. */
    public static String text(@Nullable String value, String field, int longest) {
        String trimmed = textOrNone(value, field, longest);
        if (trimmed.isEmpty()) {
            throw new InvalidInputException(field, "empty", "1 to " + longest + " characters");
        }
        return trimmed;
    }

    /** Without blanks around it; empty when left out. Letters only that every page, file and printer can show. */
    public static String textOrNone(@Nullable String value, String field, int longest) {
        String trimmed = value == null ? "" : value.strip().replace("\r\n", "\n");
        if (trimmed.length() > longest) {
            throw new InvalidInputException(field, shown(trimmed), "1 to " + longest + " characters");
        }
        if (trimmed.codePoints().anyMatch(Check::cannotBeShown)) {
            throw new InvalidInputException(field, shown(trimmed), "no control characters or halves of letters");
        }
        return trimmed;
    }

    /** Control characters, halves of pairs and the two code points that are no characters: none is allowed in XML. */
    private static boolean cannotBeShown(int codePoint) {
        boolean control = Character.isISOControl(codePoint) && codePoint != '\n' && codePoint != '\t';
        return control
                || Character.getType(codePoint) == Character.SURROGATE
                || codePoint == 0xFFFE
                || codePoint == 0xFFFF;
    }

    private static String shown(String text) {
        return text.codePoints()
                .map(codePoint -> cannotBeShown(codePoint) ? REPLACEMENT : codePoint)
                .limit(SHOWN)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** The name of a time zone. */
    public static String zone(@Nullable String value, String field) {
        String name = text(value, field, 60);
        try {
            return ZoneId.of(name).getId();
        } catch (DateTimeException e) {
            throw new InvalidInputException(field, name, "a time zone such as Europe/Vienna");
        }
    }

    /** A time no further from a party than {@value #MOST_DAYS_AWAY} days either way. */
    public static LocalDateTime near(LocalDateTime value, LocalDateTime party, String field) {
        if (!isNear(value, party)) {
            throw new InvalidInputException(
                    field, value, "a time within " + MOST_DAYS_AWAY + " days of sitting down, " + party.toLocalDate());
        }
        return value;
    }

    /** True no further from a party than {@value #MOST_DAYS_AWAY} days either way. */
    public static boolean isNear(LocalDateTime value, LocalDateTime party) {
        return Math.abs(ChronoUnit.DAYS.between(party, value)) <= MOST_DAYS_AWAY;
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

    /** Nothing is said where it is left out. */
    public static void rangeOrNone(@Nullable Double value, String field, double min, double max) {
        if (value != null) {
            range(value, field, min, max);
        }
    }

    /** A copy of the list. */
    public static <T> List<T> list(List<T> values, String field, int most) {
        present(values, field);
        if (values.size() > most) {
            throw new InvalidInputException(field, values.size() + " entries", "at most " + most + " entries");
        }
        for (int i = 0; i < values.size(); i++) {
            present(values.get(i), field + "[" + i + "]");
        }
        return List.copyOf(values);
    }

    /** A copy of a list in which no two entries share a key. */
    public static <T> List<T> distinct(List<T> values, String field, int most, Function<T, ?> key) {
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
