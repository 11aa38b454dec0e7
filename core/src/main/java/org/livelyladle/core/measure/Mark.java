package org.livelyladle.core.measure;

/** Where a value comes from, shown beside it in every working. */
public enum Mark {
    /** Cited from a public publication. */
    PUBLISHED("published"),
    /** What hosts and makers commonly do. */
    COMMON_PRACTICE("common practice"),
    /** Set from memory: plausible, not cited. */
    MEMORY("from memory"),
    /** Said by the host. */
    HOST("you"),
    /** Computed from other figures. */
    COMPUTED("computed");

    private final String label;

    Mark(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
