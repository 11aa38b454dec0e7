package org.livelyladle.core.heat;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.livelyladle.core.check.UnsolvableException;

/**
 * The exact solution for constant properties and a constant broth: one body, or the product of the bodies whose
 * intersection the piece is (a short cylinder is a cylinder and a slab, a brick three slabs; Carslaw and Jaeger,
 * Conduction of Heat in Solids, 1.15). Used by one thread.
 */
final class Series {
    private static final double MOST_SECONDS = 48 * 3600;
    private static final int MOST_EVALUATIONS = 300;
    private static final double TOLERANCE_SECONDS = 1e-9;
    /** The first term alone errs by less than this either way where it is any use. */
    private static final double CLOSE_BELOW = 0.9;

    private static final double CLOSE_ABOVE = 1.001;
    /** At this many time constants of the slowest term every early target is passed. */
    private static final double MORE_THAN_ANY = 1.5;

    /** A body and how fast it lives [Fo per s]. */
    private record Factor(Roots roots, double fourierPerSecond) {}

    private final List<Factor> factors;

    private Series(List<Factor> factors) {
        this.factors = factors;
    }

    static Series of(CoreProblem problem) {
        List<Double> mm = problem.dimensionsMm();
        List<Factor> factors = new ArrayList<>();
        switch (problem.body()) {
            case SHORT_CYLINDER -> {
                factors.add(factor(Body.CYLINDER, mm.get(0), problem));
                factors.add(factor(Body.SLAB, mm.get(1), problem));
            }
            case BRICK -> mm.forEach(edge -> factors.add(factor(Body.SLAB, edge, problem)));
            default -> factors.add(factor(problem.body(), mm.get(0), problem));
        }
        return new Series(List.copyOf(factors));
    }

    private static Factor factor(Body body, double fullMm, CoreProblem problem) {
        double half = fullMm / 2000;
        double biot = problem.surfaceWPerM2K() * half / problem.material().conductivityWPerMK();
        return new Factor(new Roots(body, biot), problem.material().diffusivity() / (half * half));
    }

    /** Excess of the broth over the centre, of that at the start, from 1 down to 0. */
    private double excess(double seconds) {
        double product = 1;
        for (Factor factor : factors) {
            product *= factor.roots().centre(seconds * factor.fourierPerSecond());
        }
        return product;
    }

    /** The same of the mean over the piece. */
    private double meanExcess(double seconds) {
        double product = 1;
        for (Factor factor : factors) {
            product *= factor.roots().mean(seconds * factor.fourierPerSecond());
        }
        return product;
    }

    /** Mean temperature of the piece [°C] at some moments [s]. */
    double[] means(CoreProblem problem, double[] moments) {
        double[] means = new double[moments.length];
        for (int i = 0; i < moments.length; i++) {
            means[i] = problem.brothC() - (problem.brothC() - problem.startC()) * meanExcess(moments[i]);
        }
        return means;
    }

    /** Temperature at the centre [°C] at some moments [s]. */
    double[] centres(CoreProblem problem, double[] moments) {
        double[] centres = new double[moments.length];
        for (int i = 0; i < moments.length; i++) {
            centres[i] = problem.brothC() - (problem.brothC() - problem.startC()) * excess(moments[i]);
        }
        return centres;
    }

    /** When the centre reaches the target, which lies between start and broth [s]. */
    double seconds(CoreProblem problem) {
        return seconds(problem, problem.targetC());
    }

    double seconds(CoreProblem problem, double targetC) {
        double wanted = (problem.brothC() - targetC) / (problem.brothC() - problem.startC());
        double rate = factors.stream()
                .mapToDouble(factor -> factor.roots().slowest() * factor.fourierPerSecond())
                .sum();
        double coefficient = factors.stream()
                .mapToDouble(factor -> factor.roots().firstCoefficient())
                .reduce(1, (x, y) -> x * y);
        double oneTerm = StrictMath.log(coefficient / wanted) / rate;
        double until = Math.max(oneTerm * CLOSE_ABOVE, MORE_THAN_ANY / rate);
        if (until > MOST_SECONDS && excess(MOST_SECONDS) > wanted) {
            throw new UnsolvableException(
                    "targetC", "It takes more than 48 h to reach " + targetC + " °C; nothing is cooked so.");
        }
        double from = oneTerm > 0 && excess(oneTerm * CLOSE_BELOW) > wanted ? oneTerm * CLOSE_BELOW : 0;
        return new BracketingNthOrderBrentSolver(TOLERANCE_SECONDS, 5)
                .solve(
                        MOST_EVALUATIONS,
                        time -> excess(time) - wanted,
                        from,
                        Math.min(until, MOST_SECONDS),
                        AllowedSolution.ANY_SIDE);
    }
}
