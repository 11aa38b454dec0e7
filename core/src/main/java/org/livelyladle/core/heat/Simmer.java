package org.livelyladle.core.heat;

/**
 * The temperatures a side is kept between.
 *
 * @param boilC where its broth boils [°C]
 * @param keptC what it is kept at: its boil, or somewhat below where it is kept gentle [°C]
 * @param simmerC a simmer, what cooking times are told for [°C]
 * @param floorC the least it may fall to while raw food cooks [°C]
 */
public record Simmer(double boilC, double keptC, double simmerC, double floorC) {
    /** A simmer stands so far below the boil [K]; memory. */
    private static final double BELOW_BOIL_K = 2;

    /** Just under the boil is so far below it, as far as the floor lets it [K]; common practice, 90 to 95 °C. */
    private static final double GENTLE_K = 6;

    /** A gentle side must be able to fall a little before raw food in it is in danger [K]; memory. */
    private static final double LEAST_ABOVE_FLOOR_K = 3;

    /** The floor: 85 °C, or 5 K below the boil where that is less, but never under 78 °C; memory. */
    private static final double FLOOR_C = 85;

    private static final double FLOOR_BELOW_BOIL_K = 5;
    private static final double LEAST_FLOOR_C = 78;
    /** Temperatures are taken to this step, so that sides alike share their windows [K]. */
    private static final double STEP_K = 0.5;

    public static Simmer of(double altitudeM, double saltPercent, boolean gentle) {
        double boil = BoilingPoint.celsius(altitudeM, saltPercent);
        double floor = down(Math.max(LEAST_FLOOR_C, Math.min(FLOOR_C, boil - FLOOR_BELOW_BOIL_K)));
        double least = floor + LEAST_ABOVE_FLOOR_K + BELOW_BOIL_K;
        double kept = gentle ? Math.min(boil, Math.max(boil - GENTLE_K, least)) : boil;
        return new Simmer(boil, kept, down(kept - BELOW_BOIL_K), floor);
    }

    /** Both may count as one: nobody could tell their windows apart. */
    public boolean isLike(Simmer other) {
        return Math.abs(boilC - other.boilC) <= STEP_K
                && Math.abs(keptC - other.keptC) <= STEP_K
                && simmerC == other.simmerC
                && floorC == other.floorC;
    }

    /** Cooler rather than hotter: a window then errs on the safe side. */
    private static double down(double celsius) {
        return StrictMath.floor(celsius / STEP_K) * STEP_K;
    }
}
