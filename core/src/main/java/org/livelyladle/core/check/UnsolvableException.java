package org.livelyladle.core.check;

/** Every value is accepted, yet together they have no solution: where it fails, and what would mend it. */
public class UnsolvableException extends IllegalArgumentException {
    private final String field;

    public UnsolvableException(String field, String message) {
        super(message);
        this.field = field;
    }

    /** What cannot be satisfied, as a path. */
    public final String field() {
        return field;
    }
}
