package org.livelyladle.core.heat;

import java.util.OptionalDouble;

/**
 * Closed forms of a covered vessel under constant power: {@code T = Tend + (T0 - Tend) exp(-t UA / C)} with
 * {@code Tend = Tair + P / UA}.
 */
public final class HeatUp {
    /** Of a kitchen and a dining room [°C]; memory. */
    public static final double ROOM_C = 20;
    /** Broth and food [J/kgK]; memory. */
    public static final double BROTH_J_PER_KG_K = 4100;

    public static final double FOOD_J_PER_KG_K = 3500;
    /** Dry loss of a pot to still air, convection and radiation together [W/m2K]; memory. */
    public static final double DRY_LOSS_W_PER_M2_K = 10;

    /** Steam a pot gives off at a simmer, its lid ajar, and at a rolling boil [W]; memory. */
    private static final double SIMMER_STEAM_W = 250;

    private static final double ROLLING_STEAM_W = 600;

    private HeatUp() {}

    /** Heat that leaves a boiling pot with its steam [W]. */
    public static double steamW(boolean rolling) {
        return rolling ? ROLLING_STEAM_W : SIMMER_STEAM_W;
    }

    /**
     * How long it takes [s]; empty when the power does not get it there.
     *
     * @param joulePerK heat capacity [J/K]
     */
    public static OptionalDouble seconds(
            double joulePerK, double fromC, double toC, double powerW, double lossWPerK, double airC) {
        if (toC <= fromC) {
            return OptionalDouble.of(0);
        }
        double end = airC + powerW / lossWPerK;
        return end <= toC
                ? OptionalDouble.empty()
                : OptionalDouble.of(joulePerK / lossWPerK * StrictMath.log((end - fromC) / (end - toC)));
    }
}
