package org.livelyladle.core.brief;

import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/** Salt the host wants in the broths, by weight of broth [g per 100 g]. */
public record SaltBand(
        @Within(min = 0, max = 3) double lowPercent,
        @Within(min = 0, max = 3) double highPercent) {
    private static final Ranges RANGES = Ranges.of(SaltBand.class);
    /** From memory. */
    public static final SaltBand USUAL = new SaltBand(0.8, 1.0);
    /** For a side somebody on little salt eats from; from memory. */
    public static final SaltBand LITTLE = new SaltBand(0.4, 0.6);

    public SaltBand {
        RANGES.check("lowPercent", lowPercent);
        RANGES.check("highPercent", highPercent);
        if (highPercent < lowPercent) {
            throw new InvalidInputException("highPercent", highPercent, "no less than lowPercent, " + lowPercent);
        }
    }

    public double middlePercent() {
        return (lowPercent + highPercent) / 2;
    }
}
