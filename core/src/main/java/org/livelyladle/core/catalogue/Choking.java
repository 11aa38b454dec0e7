package org.livelyladle.core.catalogue;

/** Shapes a small child may choke on. */
public enum Choking {
    NONE(""),
    ROUND("quarter it lengthways for small children"),
    STICKY("cut it small for small children, it sticks"),
    LONG("cut it short for small children");

    private final String advice;

    Choking(String advice) {
        this.advice = advice;
    }

    public String advice() {
        return advice;
    }
}
