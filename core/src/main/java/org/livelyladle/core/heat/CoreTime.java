package org.livelyladle.core.heat;

import org.livelyladle.core.check.UnsolvableException;

/**
 * When the centre of a piece reaches a temperature.
 *
 * @param seconds after putting in [s]
 * @param method "series" or "enthalpy"
 */
public record CoreTime(double seconds, String method) {
    private static final String SERIES = "series";
    private static final String ENTHALPY = "enthalpy";

    /**
     * @throws UnsolvableException when the target is not below the broth, a frozen piece has a shape the enthalpy
     *     method does not know, or it takes longer than is computed
     */
    public static CoreTime of(CoreProblem problem) {
        String method = problem.startsFrozen() ? ENTHALPY : SERIES;
        if (problem.targetC() <= problem.startC()) {
            return new CoreTime(0, method);
        }
        if (problem.targetC() >= problem.brothC()) {
            throw new UnsolvableException(
                    "targetC",
                    "The centre never reaches %s °C in broth of %s °C; choose a target below the broth."
                            .formatted(problem.targetC(), problem.brothC()));
        }
        return problem.startsFrozen()
                ? new CoreTime(Thawing.of(problem).seconds(problem.targetC()), ENTHALPY)
                : new CoreTime(Series.of(problem).seconds(problem), SERIES);
    }
}
