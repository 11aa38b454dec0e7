package org.livelyladle.core.heat;

/**
 * The temperatures a side is kept between.
 *
 * @param boilC where its broth boils [°C]
 * @param simmerC a simmer, what cooking times are told for [°C]
 * @param floorC the least it may fall to while raw food cooks [°C]
 */
public record Simmer(double boilC, double simmerC, double floorC) {
    /** A simmer stands so far below the boil [K]; memory. */
    private static final double BELOW_BOIL_K = 2;

    /** The floor: 85 °C, or 5 K below the boil where that is less, but never under 78 °C; memory. */
    private static final double FLOOR_C = 85;

    private static final double FLOOR_BELOW_BOIL_K = 5;
    private static final double LEAST_FLOOR_C = 78;
    /** Temperatures are taken to this step, so that sides alike share their windows [K]. */
    private static final double STEP_K = 0.5;

    public static Simmer of(double altitudeM, double saltPercent) {
        double boil = BoilingPoint.celsius(altitudeM, saltPercent);
        return new Simmer(
                boil,
                down(boil - BELOW_BOIL_K),
                down(Math.max(LEAST_FLOOR_C, Math.min(FLOOR_C, boil - FLOOR_BELOW_BOIL_K))));
    }

    /** Both may count as one: nobody could tell their windows apart. */
    public boolean isLike(Simmer other) {
        return Math.abs(boilC - other.boilC) <= STEP_K && simmerC == other.simmerC && floorC == other.floorC;
    }

    /** Cooler rather than hotter: a window then errs on the safe side. */
    private static double down(double celsius) {
        return StrictMath.floor(celsius / STEP_K) * STEP_K;
    }
}
