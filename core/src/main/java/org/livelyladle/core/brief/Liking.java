package org.livelyladle.core.brief;

/** How much somebody wants a cut, as a weight within its category. */
public enum Liking {
    LOVE("loves", 2),
    LIKE("likes", 1),
    IF_NEED_BE("if need be", 0.25),
    NEVER("never", 0);

    private final String label;
    private final double weight;

    Liking(String label, double weight) {
        this.label = label;
        this.weight = weight;
    }

    public String label() {
        return label;
    }

    public double weight() {
        return weight;
    }
}
