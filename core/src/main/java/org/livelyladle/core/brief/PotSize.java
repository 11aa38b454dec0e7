package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * A pot as measured with a ruler, inside.
 *
 * @param acrossMm width [mm]
 * @param alongMm length of an oval one [mm]; round when left out
 * @param depthMm up to the brim [mm]
 */
public record PotSize(double acrossMm, @Nullable Double alongMm, double depthMm) {
    public PotSize {
        Check.range(acrossMm, "acrossMm", 80, 600);
        if (alongMm != null) {
            Check.range(alongMm, "alongMm", 80, 800);
        }
        Check.range(depthMm, "depthMm", 30, 300);
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
