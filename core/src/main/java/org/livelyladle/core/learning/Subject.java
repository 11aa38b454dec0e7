package org.livelyladle.core.learning;

/**
 * What can be learnt, how much the usual figure weighs against what was seen, and how far it may be left.
 *
 * <p>The weights and bounds are from memory.
 */
public enum Subject {
    /** Grams of a category a regular eater eats. Of: the category; seen: all that was eaten [g], weighed by regular eaters. */
    PORTION(Estimator.MEAN, 8, 1.0 / 3, 3, "a head"),
    /** What a known guest eats of a portion. Of: the guest; expected and happened [g]. */
    APPETITE(Estimator.MEAN, 4, 0.3, 2.5, "of a portion"),
    /** How long a cut takes against its window. Of: the cut; expected and happened [s]. */
    CUT_TIME(Estimator.LOG_MEAN, 6, 0.5, 2, "of the time in the broth"),
    /** How long a cook takes for a task. Of: the task, by: the cook; expected and happened [min]. */
    TASK_TIME(Estimator.LOG_MEAN, 4, 0.4, 2.5, "of the usual minutes"),
    /** How long a stove takes to the boil. Of: the pot; expected and happened [min]. */
    BOIL_TIME(Estimator.LOG_MEAN, 4, 0.4, 2.5, "of the time to the boil"),
    /** What a stove uses. Of: the pot; expected and happened, in kWh or cartridges alike. */
    FUEL(Estimator.LOG_MEAN, 4, 0.4, 2.5, "of the fuel");

    /** How what was seen becomes a rate. */
    enum Estimator {
        /** {@code (n0 * prior + sum) / (n0 + n)}: the mean of a rate after a gamma prior, for what adds up. */
        MEAN {
            @Override
            double rate(double n0, double prior, double sum, double n) {
                return (n0 * prior + sum) / (n0 + n);
            }

            @Override
            double part(double prior, double expected, double happened, double n) {
                return n * Math.min(MOST_TIMES * prior, happened / expected);
            }
        },
        /** {@code prior * exp(sum of logs / (n0 + n))}: for what multiplies. */
        LOG_MEAN {
            @Override
            double rate(double n0, double prior, double sum, double n) {
                return prior * StrictMath.exp(sum / (n0 + n));
            }

            @Override
            double part(double prior, double expected, double happened, double n) {
                double ratio = happened / (expected * prior);
                return n * StrictMath.log(Math.max(1 / MOST_TIMES, Math.min(MOST_TIMES, ratio)));
            }
        };

        abstract double rate(double n0, double prior, double sum, double n);

        /** What one thing seen adds to the sum; beyond four times either way it is taken for a slip of the pen. */
        abstract double part(double prior, double expected, double happened, double n);
    }

    private static final double MOST_TIMES = 4;

    private final Estimator estimator;
    private final double n0;
    private final double least;
    private final double most;
    private final String label;

    Subject(Estimator estimator, double n0, double least, double most, String label) {
        this.estimator = estimator;
        this.n0 = n0;
        this.least = least;
        this.most = most;
        this.label = label;
    }

    Estimator estimator() {
        return estimator;
    }

    /** How much the prior weighs: as much as so many portions or evenings. */
    public double n0() {
        return n0;
    }

    /** No rate is less than so many times its prior. */
    public double least() {
        return least;
    }

    /** No rate is more than so many times its prior. */
    public double most() {
        return most;
    }

    String label() {
        return label;
    }
}
