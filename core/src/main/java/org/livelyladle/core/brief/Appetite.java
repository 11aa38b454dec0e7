package org.livelyladle.core.brief;

import org.livelyladle.core.measure.Mark;

/** How much somebody eats, as a factor on the portion per adult. */
public enum Appetite {
    TODDLER("toddler", 0.3, Mark.MEMORY),
    CHILD("child", 0.5, Mark.MEMORY),
    LIGHT("light eater", 0.75, Mark.MEMORY),
    REGULAR("regular eater", 1, Mark.COMMON_PRACTICE),
    /** 0.50 lb over 0.30 lb of meat. */
    HEARTY("big eater", 5.0 / 3, Mark.COMMON_PRACTICE);

    private final String label;
    private final double factor;
    private final Mark mark;

    Appetite(String label, double factor, Mark mark) {
        this.label = label;
        this.factor = factor;
        this.mark = mark;
    }

    public String label() {
        return label;
    }

    public double factor() {
        return factor;
    }

    public Mark mark() {
        return mark;
    }
}
