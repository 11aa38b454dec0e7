package org.livelyladle.core.brief;

/** How hard a pot boils at the table; its sides share one heat. */
public enum Boil {
    /** Just under the boil, for pork, chicken and creamy broths: a tremble, no bubbles. */
    GENTLE("just under the boil"),
    SIMMER("at a simmer"),
    /** Bubbling all over: more steam, more fuel, more to top up. */
    ROLLING("at a rolling boil");

    private final String label;

    Boil(String label) {
        this.label = label;
    }

    /** "at a simmer". */
    public String label() {
        return label;
    }
}
