package org.livelyladle.core.heat;

import java.util.List;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.livelyladle.core.check.UnsolvableException;

/**
 * The heating of one piece in broth of constant temperature, at its centre and on the mean: the exact series from
 * thawed, finite volumes from frozen. A frozen short cylinder or brick is computed as the sphere whose centre heats as
 * fast when thawed, and a twentieth wider (an equivalent of our own: latent heat then counts in proportion to the time;
 * without the twentieth flat bodies came out up to 8 % too fast against a grid in two or three dimensions). Used by one
 * thread.
 */
public final class Conduction {
    private static final double TOLERANCE_MM = 1e-4;
    private static final int MOST_EVALUATIONS = 100;
    private static final double LARGEST_MM = 380;
    /** A temperature between start and broth at which bodies are called equally fast [°C]. */
    private static final double HALF_WAY = 0.5;

    /** So much wider than the sphere that heats as fast when thawed [1]. */
    private static final double WIDER = 1.05;

    private final CoreProblem problem;
    /** One of the two, as the start asks for. */
    private final Series series;

    private final Thawing thawing;

    /** @param problem its target is not used */
    public Conduction(CoreProblem problem) {
        boolean product = problem.dimensionsMm().size() > 1;
        this.problem = problem.startsFrozen() && product ? asSphere(problem) : problem;
        this.series = problem.startsFrozen() ? null : Series.of(problem);
        this.thawing = problem.startsFrozen() ? Thawing.of(this.problem) : null;
    }

    /**
     * When the centre reaches a temperature [s]; 0 at or below the start.
     *
     * @throws UnsolvableException when the broth is not hotter than that
     */
    public double secondsTo(double targetC) {
        if (targetC <= problem.startC()) {
            return 0;
        }
        if (targetC >= problem.brothC()) {
            throw new UnsolvableException(
                    "targetC",
                    "The centre never reaches %s °C in broth of %s °C.".formatted(targetC, problem.brothC()));
        }
        return series == null ? thawing.seconds(targetC) : series.seconds(problem, targetC);
    }

    /** Mean temperature [°C] at ascending moments [s]. */
    public double[] means(double[] moments) {
        return series == null ? thawing.means(moments) : series.means(problem, moments);
    }

    /** Temperature at the centre [°C] at ascending moments [s]. */
    public double[] centres(double[] moments) {
        return series == null ? thawing.centres(moments) : series.centres(problem, moments);
    }

    private static CoreProblem asSphere(CoreProblem problem) {
        double start = problem.material().freezingC();
        double target = start + HALF_WAY * (problem.brothC() - start);
        double wanted = CoreTime.of(like(problem, problem.shape(), problem.dimensionsMm(), start, target))
                .seconds();
        double diameter = new BrentSolver(TOLERANCE_MM)
                .solve(
                        MOST_EVALUATIONS,
                        mm -> CoreTime.of(like(problem, Body.SPHERE.label(), List.of(mm), start, target))
                                        .seconds()
                                - wanted,
                        problem.dimensionsMm().stream()
                                        .mapToDouble(mm -> mm)
                                        .min()
                                        .orElseThrow()
                                / 2,
                        LARGEST_MM);
        return like(problem, Body.SPHERE.label(), List.of(WIDER * diameter), problem.startC(), problem.targetC());
    }

    private static CoreProblem like(CoreProblem problem, String shape, List<Double> mm, double startC, double targetC) {
        return new CoreProblem(
                shape, mm, startC, problem.brothC(), targetC, problem.surfaceWPerM2K(), problem.material());
    }
}
