package org.livelyladle.core.catalogue;

/** A catalogue file holds something that cannot be right. Names file, line, field and what is accepted. */
public final class CatalogueException extends RuntimeException {
    private final String file;
    private final long line;
    private final String field;

    CatalogueException(String file, long line, String field, String was, String accepted) {
        super("%s, line %d, field '%s': was '%s'; accepted is %s".formatted(file, line, field, was, accepted));
        this.file = file;
        this.line = line;
        this.field = field;
    }

    public String file() {
        return file;
    }

    public long line() {
        return line;
    }

    public String field() {
        return field;
    }
}
