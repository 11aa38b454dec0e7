package org.livelyladle.core.sequence;

/**
 * How fast people eat: hungry when they sit down, slower later. By the share x of the meal the share 1 - (1 - x)^1.7 of
 * the food is eaten; a quarter by x = 0.16, 70 % by half. The exponent is from memory.
 */
final class Tempo {
    private static final double BRISK = 1.7;
    private static final int STEPS = 2000;
    private static final double[] EATEN = new double[STEPS + 1];

    static {
        for (int i = 0; i <= STEPS; i++) {
            EATEN[i] = 1 - StrictMath.pow(1 - (double) i / STEPS, BRISK);
        }
    }

    private Tempo() {}

    /** Share of the food eaten by a share of the meal [1]. */
    static double eatenBy(double meal) {
        return EATEN[(int) (Math.max(0, Math.min(1, meal)) * STEPS)];
    }

    /** Share of the meal by which a share of the food is eaten [1]. */
    static double mealFor(double eaten) {
        return 1 - StrictMath.pow(1 - Math.max(0, Math.min(1, eaten)), 1 / BRISK);
    }
}
