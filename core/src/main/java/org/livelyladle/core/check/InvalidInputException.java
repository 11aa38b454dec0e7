package org.livelyladle.core.check;

/** Something the host said cannot be planned with: which field, what it was, what is accepted. */
public final class InvalidInputException extends IllegalArgumentException {
    private final String field;
    private final String was;
    private final String accepted;

    public InvalidInputException(String field, Object was, String accepted) {
        super("%s was %s; accepted is %s".formatted(field, shown(was), accepted));
        this.field = field;
        this.was = shown(was);
        this.accepted = accepted;
    }

    private static String shown(Object was) {
        String text = was instanceof String string ? "'" + string + "'" : String.valueOf(was);
        return text.length() <= 80 ? text : text.substring(0, 77) + "...";
    }

    /** The field as a path, such as {@code guests[2].name}. */
    public String field() {
        return field;
    }

    public String was() {
        return was;
    }

    public String accepted() {
        return accepted;
    }
}
