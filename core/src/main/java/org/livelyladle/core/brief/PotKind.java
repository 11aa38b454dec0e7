package org.livelyladle.core.brief;

/** Vessels seen on tables, and how many guests each serves. */
public enum PotKind {
    /** One wide pot, whole or split; four to six diners, from memory. */
    POT("pot", 6),
    /** A small pot for one guest on a heat of its own. */
    PERSONAL("single-person pot", 1),
    /** A ring of broth around a hot plate: brown on the plate, then slide into the broth; four to six diners, from memory. */
    PLATE_AND_MOAT("hot plate with moat", 6),
    /** A small pot for dipping and wrapping. */
    DIP("dip pot", 3);

    private final String label;
    private final int seats;

    PotKind(String label, int seats) {
        this.label = label;
        this.seats = seats;
    }

    public String label() {
        return label;
    }

    /** Guests who reach it comfortably at most; memory. */
    public int seats() {
        return seats;
    }
}
