package org.livelyladle.core.brief;

/** What a side is topped up with. */
public enum TopUp {
    /** Water while it is saltier than wanted, else reserve, seasoned where it is too bland. */
    AUTO("as its salt asks for"),
    WATER("always hot water"),
    STOCK("always reserve broth");

    private final String label;

    TopUp(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
