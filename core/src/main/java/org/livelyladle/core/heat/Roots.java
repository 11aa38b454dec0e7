package org.livelyladle.core.heat;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.special.BesselJ;

/**
 * One-dimensional bodies with a convective surface: temperature excess at the centre over that at the start,
 * sum of {@code C_n exp(-z_n^2 Fo)}, with {@code Fo = a t / R^2} and {@code Bi = h R / k} on the half thickness or
 * radius R. Roots z_n and coefficients C_n after Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, ch. 5:
 *
 * <pre>
 * slab      z tan z = Bi           C = 4 sin z / (2 z + sin 2z)
 * cylinder  z J1(z) = Bi J0(z)     C = 2 J1 / (z (J0^2 + J1^2))
 * sphere    1 - z cot z = Bi       C = 4 (sin z - z cos z) / (2 z - sin 2z)
 * </pre>
 *
 * Filled by one thread.
 */
final class Roots {
    /** Below this Fo the centre has felt nothing to double precision, and the terms kept here are enough above it. */
    static final double LEAST_FO = 0.002;

    private static final int TERMS = 64;
    private static final int MOST_EVALUATIONS = 200;
    private static final double TOLERANCE = 1e-13;
    /** Keeps brackets off the poles and off zero. */
    private static final double EDGE = 1e-9;
    /** McMahon's expansion is off by less, from the first zero on. */
    private static final double EXPANSION_ERROR = 0.005;
    /** From here on the surface is as good as held at the temperature of the broth. */
    private static final double FIXED_SURFACE = 1e7;

    private static final double NEGLIGIBLE = 1e-16;

    private final Body body;
    private final UnivariateFunction equation;
    private final double[] squares = new double[TERMS];
    private final double[] coefficients = new double[TERMS];
    /** Mean over the body of each term, of its value at the centre. */
    private final double[] means = new double[TERMS];

    private int found;

    /**
     * @param body slab, cylinder or sphere
     * @param biot Bi, above 0
     */
    Roots(Body body, double biot) {
        this.body = body;
        this.equation = equation(body, Math.min(biot, FIXED_SURFACE));
        next();
    }

    /** Finds one more root; most questions need only the first few. */
    private void next() {
        int n = found;
        double from = n * Math.PI + EDGE;
        double to = (n + (body == Body.SLAB ? 0.5 : 1)) * Math.PI - EDGE;
        if (body == Body.CYLINDER) {
            from = n == 0 ? EDGE : besselZero(n + 0.25, -3) - EXPANSION_ERROR;
            to = besselZero(n + 0.75, 1) + EXPANSION_ERROR;
        }
        double z = new BracketingNthOrderBrentSolver(TOLERANCE, TOLERANCE, 5)
                .solve(MOST_EVALUATIONS, equation, from, to, AllowedSolution.ANY_SIDE);
        squares[n] = z * z;
        coefficients[n] = coefficient(body, z);
        means[n] = mean(body, z);
        found = n + 1;
    }

    /** McMahon's expansion of a zero of J0 (numerator 1) or J1 (numerator -3); Abramowitz and Stegun 9.5.12. */
    private static double besselZero(double count, int numerator) {
        double b = count * Math.PI;
        double eighth = 1 / (8 * b);
        double cubic = numerator == 1 ? -124.0 / 3 : 36;
        return b + numerator * eighth + cubic * eighth * eighth * eighth;
    }

    private static UnivariateFunction equation(Body body, double biot) {
        return switch (body) {
            case SLAB -> z -> z * StrictMath.sin(z) - biot * StrictMath.cos(z);
            case CYLINDER -> z -> z * BesselJ.value(1, z) - biot * BesselJ.value(0, z);
            case SPHERE -> z -> (1 - biot) * StrictMath.sin(z) - z * StrictMath.cos(z);
            default -> throw new IllegalArgumentException(body + " is a product of other bodies");
        };
    }

    private static double coefficient(Body body, double z) {
        return switch (body) {
            case SLAB -> 4 * StrictMath.sin(z) / (2 * z + StrictMath.sin(2 * z));
            case CYLINDER -> {
                double j0 = BesselJ.value(0, z);
                double j1 = BesselJ.value(1, z);
                yield 2 * j1 / (z * (j0 * j0 + j1 * j1));
            }
            case SPHERE -> 4 * (StrictMath.sin(z) - z * StrictMath.cos(z)) / (2 * z - StrictMath.sin(2 * z));
            default -> throw new IllegalArgumentException(body + " is a product of other bodies");
        };
    }

    /** Volume mean of a mode that is 1 at the centre: cos, J0 and sin x / x over slab, cylinder and sphere. */
    private static double mean(Body body, double z) {
        return switch (body) {
            case SLAB -> StrictMath.sin(z) / z;
            case CYLINDER -> 2 * BesselJ.value(1, z) / z;
            case SPHERE -> 3 * (StrictMath.sin(z) - z * StrictMath.cos(z)) / (z * z * z);
            default -> throw new IllegalArgumentException(body + " is a product of other bodies");
        };
    }

    /** Excess at the centre at a Fourier number, of that at the start, from 1 down to 0. */
    double centre(double fourier) {
        return fourier < LEAST_FO ? 1 : sum(fourier, false);
    }

    /** Mean excess at a Fourier number, of that at the start, from 1 down to 0. */
    double mean(double fourier) {
        return fourier <= 0 ? 1 : sum(fourier, true);
    }

    private double sum(double fourier, boolean mean) {
        double sum = 0;
        for (int n = 0; n < TERMS; n++) {
            if (n == found) {
                next();
            }
            double decay = StrictMath.exp(-squares[n] * fourier);
            sum += coefficients[n] * decay * (mean ? means[n] : 1);
            if (decay < NEGLIGIBLE) {
                break;
            }
        }
        return Math.min(1, sum);
    }

    /** Coefficient of the slowest term, which alone is left from Fo 0.2 on. */
    double firstCoefficient() {
        return coefficients[0];
    }

    /** The slowest decay [1 per Fo]. */
    double slowest() {
        return squares[0];
    }
}
