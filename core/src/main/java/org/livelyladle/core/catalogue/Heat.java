package org.livelyladle.core.catalogue;

/** How hot a broth is to the tongue, mildest first. */
public enum Heat {
    NONE("no heat"),
    MILD("mild"),
    MEDIUM("medium hot"),
    HOT("very hot");

    private final String label;

    Heat(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
