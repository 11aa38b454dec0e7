package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** Salt the host wants in the broths, by weight of broth [g per 100 g]. */
public record SaltBand(double lowPercent, double highPercent) {
    /** From memory. */
    public static final SaltBand USUAL = new SaltBand(0.8, 1.0);
    /** For a side somebody on little salt eats from; from memory. */
    public static final SaltBand LITTLE = new SaltBand(0.4, 0.6);

    public SaltBand {
        Check.range(lowPercent, "lowPercent", 0, 3);
        Check.range(highPercent, "highPercent", 0, 3);
        if (highPercent < lowPercent) {
            throw new InvalidInputException("highPercent", highPercent, "no less than lowPercent, " + lowPercent);
        }
    }

    public double middlePercent() {
        return (lowPercent + highPercent) / 2;
    }
}
