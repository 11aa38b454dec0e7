package org.livelyladle.core.catalogue;

/**
 * What decides when a cut is good to eat.
 *
 * @param value core temperature from which it is pleasant [°C], or exponent of thickness; 0 where times are stated
 */
public record Governed(By by, double value) {
    /** The three ways a cut can be done. */
    public enum By {
        /** Heat has reached the core: meat, fish, fillings, whatever is heated through. */
        CORE,
        /** Cell walls or starch have softened: time grows with thickness and falls with temperature. */
        SOFTENS,
        /** Neither is computed; the stated times hold. */
        STATED
    }

    public static final Governed STATED = new Governed(By.STATED, 0);

    public boolean isBy(By other) {
        return by == other;
    }
}
