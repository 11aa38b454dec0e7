package org.livelyladle.core.heat;

import java.util.OptionalDouble;

/**
 * Cooling of cooked food as one lumped mass, {@code T = Tround + (T0 - Tround) exp(-t UA / C)}, against FDA Food Code
 * 2022, 3-501.14: from 57 to 21 °C within 2 hours, and to 5 °C within 6 hours in all.
 *
 * @param to21Seconds from 57 to 21 °C [s]; empty when it never gets there
 * @param to5Seconds from 57 to 5 °C [s]; empty when it never gets there
 */
public record Cooling(OptionalDouble to21Seconds, OptionalDouble to5Seconds) {
    private static final double HOT_C = 57;
    private static final double WARM_C = 21;
    private static final double COLD_C = 5;
    private static final double FIRST_LIMIT_S = 2 * 3600;
    private static final double WHOLE_LIMIT_S = 6 * 3600;

    /**
     * @param joulePerK heat capacity of the food [J/K]
     * @param wPerK heat that leaves it [W/K]
     * @param roundC temperature of what is round it [°C]
     */
    public static Cooling of(double joulePerK, double wPerK, double roundC) {
        double tau = joulePerK / wPerK;
        return new Cooling(seconds(tau, WARM_C, roundC), seconds(tau, COLD_C, roundC));
    }

    private static OptionalDouble seconds(double tau, double targetC, double roundC) {
        return targetC <= roundC
                ? OptionalDouble.empty()
                : OptionalDouble.of(tau * StrictMath.log((HOT_C - roundC) / (targetC - roundC)));
    }

    /** Whether both limits are kept. */
    public boolean isFastEnough() {
        return to21Seconds.orElse(Double.MAX_VALUE) <= FIRST_LIMIT_S
                && to5Seconds.orElse(Double.MAX_VALUE) <= WHOLE_LIMIT_S;
    }
}
