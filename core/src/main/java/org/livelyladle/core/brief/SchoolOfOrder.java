package org.livelyladle.core.brief;

/** The order in which a table eats. */
public enum SchoolOfOrder {
    /** Slow roots first, then meat and seafood that season the broth, then mushrooms and leaves, noodles last. */
    FLAVOUR_BUILDERS("Flavour builders first"),
    /** Strictly by cooking time: long things go in, quick things are eaten while they cook; noodles last. */
    HARD_FIRST("Hard things first");

    private final String label;

    SchoolOfOrder(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
