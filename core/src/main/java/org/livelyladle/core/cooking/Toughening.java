package org.livelyladle.core.cooking;

import org.livelyladle.core.catalogue.Family;
import org.livelyladle.core.heat.Conduction;

/**
 * How raw food passes its best: {@code Q = (1/D) integral of 10^((T - 80 °C)/z) dt} over its mean temperature T. It is
 * at its best until Q = 1 and overcooked from Q = 3. D and z, between 10 and 40 K, are fitted to the catalogue's
 * windows, family by family; residuals are in docs/windows.md.
 *
 * @param zK temperature rise that makes it ten times as fast [K]
 * @param dSeconds time to Q = 1 at 80 °C [s]
 */
record Toughening(double zK, double dSeconds) {
    static final double REFERENCE_C = 80;
    static final double BEST_UNTIL = 1;
    static final double OVERCOOKED = 3;
    private static final int MOMENTS = 64;
    /** From here to the broth's temperature the rate is taken as constant [K]. */
    private static final double NEAR_K = 1;

    /** How a family passes its best. */
    static Toughening of(Family family) {
        return switch (family) {
            case LEAN_MEAT -> new Toughening(10, 990);
            case FAT_MEAT -> new Toughening(10, 2160);
            case POULTRY -> new Toughening(10, 3060);
            case FISH -> new Toughening(38, 132);
            case SHELLFISH -> new Toughening(25, 209);
            case MOLLUSC -> new Toughening(11, 1319);
            case PASTE -> new Toughening(10, 20_160);
            case FILLED -> new Toughening(16, 1905);
        };
    }

    /** Mean temperatures of a piece while it heats up, the last within a kelvin of the broth. */
    record History(double brothC, double step, double[] meansC) {
        static History of(Conduction conduction, double brothC) {
            double until = conduction.secondsTo(brothC - NEAR_K);
            double[] moments = new double[MOMENTS + 1];
            for (int i = 0; i <= MOMENTS; i++) {
                moments[i] = until * i / MOMENTS;
            }
            return new History(brothC, until / MOMENTS, conduction.means(moments));
        }
    }

    /** When a piece reaches a Q [s]. */
    double secondsTo(double q, History history) {
        double wanted = q * dSeconds;
        double sum = 0;
        double[] means = history.meansC();
        double before = rate(means[0]);
        for (int i = 1; i < means.length; i++) {
            double now = rate(means[i]);
            double next = sum + (before + now) / 2 * history.step();
            if (next >= wanted) {
                return (i - 1 + (wanted - sum) / (next - sum)) * history.step();
            }
            sum = next;
            before = now;
        }
        return (means.length - 1) * history.step() + (wanted - sum) / rate(history.brothC());
    }

    /** Q after each moment, from mean temperatures then [s, °C]. */
    double[] spent(double[] moments, double[] meansC) {
        double[] spent = new double[moments.length];
        for (int i = 1; i < spent.length; i++) {
            double mean = (rate(meansC[i - 1]) + rate(meansC[i])) / 2;
            spent[i] = spent[i - 1] + mean * (moments[i] - moments[i - 1]) / dSeconds;
        }
        return spent;
    }

    private double rate(double celsius) {
        return StrictMath.pow(10, (celsius - REFERENCE_C) / zK);
    }
}
