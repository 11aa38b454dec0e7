package org.livelyladle.core.heat;

import java.util.ArrayList;
import java.util.List;

/**
 * Temperature at the centre of a piece over time, for drawing.
 *
 * @param points at even steps from putting in on, until somewhat past the target
 * @param seconds when the target is reached [s]
 * @param method "series" or "enthalpy"
 */
public record CoreCurve(List<Point> points, double seconds, String method) {
    private static final int POINTS = 60;
    /** The curve goes on past the target by this part of its time. */
    private static final double AFTER = 0.6;

    private static final double LEAST_SECONDS = 1;

    public CoreCurve {
        points = List.copyOf(points);
    }

    /** A moment [s after putting in] and the temperature at the centre then [°C]. */
    public record Point(double second, double centreC) {}

    /**
     * @throws org.livelyladle.core.brief.UnsolvableException as {@link CoreTime#of}
     */
    public static CoreCurve of(CoreProblem problem) {
        CoreTime time = CoreTime.of(problem);
        double until = Math.max(LEAST_SECONDS, time.seconds() * (1 + AFTER));
        double[] moments = new double[POINTS + 1];
        for (int i = 0; i <= POINTS; i++) {
            moments[i] = until * i / POINTS;
        }
        double[] centres = problem.startsFrozen()
                ? Thawing.of(problem).centres(second -> problem.brothC(), moments)
                : Series.of(problem).centres(problem, moments);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            points.add(new Point(moments[i], centres[i]));
        }
        return new CoreCurve(points, time.seconds(), time.method());
    }
}
