package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * A pot as measured with a ruler, inside.
 *
 * @param acrossMm width [mm]
 * @param alongMm length of an oval one [mm]; round when left out
 * @param depthMm up to the brim [mm]
 */
public record PotSize(
        @Within(min = 80, max = 600) double acrossMm,
        @Within(min = 80, max = 800) @Nullable Double alongMm,
        @Within(min = 30, max = 300) double depthMm) {
    private static final Ranges RANGES = Ranges.of(PotSize.class);

    public PotSize {
        RANGES.check("acrossMm", acrossMm);
        RANGES.check("alongMm", alongMm);
        RANGES.check("depthMm", depthMm);
    }

    /** Surface of the broth [m2]. */
    public double areaM2() {
        return Math.PI / 4 * acrossMm * (alongMm == null ? acrossMm : alongMm) / 1e6;
    }

    /** The longer of its two widths [mm]. */
    double longestMm() {
        return alongMm == null ? acrossMm : Math.max(acrossMm, alongMm);
    }

    /** To the brim [ml]. */
    public int millilitres() {
        return (int) Math.round(areaM2() * depthMm * 1000);
    }
}
