package org.livelyladle.core.rehearsal;

/** What may go wrong at the table. */
public enum Trouble {
    /** Somebody eats something whose core was not safe when it came out. */
    UNSAFE(10),
    /** Raw food stands in a side under its floor. */
    UNDER_FLOOR(3),
    /** A side runs dry. */
    DRY(3),
    /** Broth and food stand over the brim. */
    OVER_BRIM(3),
    /** Half of somebody's portion of a food, or more, never reaches them. */
    UNSERVED(2),
    /** A guest sits before an empty bowl for over ten minutes, and longer than planned. */
    WAITS(2),
    /** Half of somebody's portion of a food, or more, is overcooked. */
    OVERCOOKED(1),
    /** The last bite is over ten minutes after the finish. */
    LATE_FINISH(1);

    private final int weight;

    Trouble(int weight) {
        this.weight = weight;
    }

    /** What it counts against the others when moments and remedies are compared; memory. */
    public int weight() {
        return weight;
    }
}
