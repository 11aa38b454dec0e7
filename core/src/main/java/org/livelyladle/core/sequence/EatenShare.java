package org.livelyladle.core.sequence;

import org.livelyladle.core.brief.Tempo;

/**
 * How much is eaten by when. Hungry people who slow down have eaten the share 1 - (1 - x)^1.7 of their food by the share
 * x of the meal; a quarter by x = 0.16, 70 % by half. The exponent is from memory. At an even tempo it is x.
 */
public final class EatenShare {
    private static final double BRISK = 1.7;
    private static final int STEPS = 2000;
    private static final EatenShare HUNGRY_FIRST = new EatenShare(BRISK);
    private static final EatenShare SAME_ALL_ALONG = new EatenShare(1);

    private final double exponent;
    private final double[] eaten = new double[STEPS + 1];

    private EatenShare(double exponent) {
        this.exponent = exponent;
        for (int i = 0; i <= STEPS; i++) {
            eaten[i] = 1 - StrictMath.pow(1 - (double) i / STEPS, exponent);
        }
    }

    public static EatenShare of(Tempo tempo) {
        return tempo == Tempo.BRISK ? HUNGRY_FIRST : SAME_ALL_ALONG;
    }

    /** Share of the food eaten by a share of the meal [1]. */
    public double eatenBy(double meal) {
        return eaten[(int) (Math.max(0, Math.min(1, meal)) * STEPS)];
    }

    /** Share of the meal by which a share of the food is eaten [1]. */
    double mealFor(double share) {
        return 1 - StrictMath.pow(1 - Math.max(0, Math.min(1, share)), 1 / exponent);
    }
}
