package org.livelyladle.core.learning;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * What is known of one thing: the usual figure, and all that was seen since.
 *
 * @param of which: category, guest, cut, task or pot
 * @param by the cook of a task; null for all else
 * @param prior the usual figure: grams a head for a portion, else a factor, 1 as planned
 * @param sum of what was seen, of its logarithms where factors multiply
 * @param n how much was seen: regular eaters for a portion, evenings for all else
 * @param evenings on how many it was seen
 */
public record Learnt(
        Subject subject, String of, @Nullable String by, double prior, double sum, double n, int evenings) {
    private static final double MOST = 1e6;

    public Learnt {
        Check.present(subject, "subject");
        of = Check.id(of, "of");
        if (by != null) {
            Check.id(by, "by");
        }
        Check.range(prior, "prior", 0.01, 1000);
        Check.range(sum, "sum", -MOST, MOST);
        Check.range(n, "n", 0, MOST);
        Check.range(evenings, "evenings", 0, 100_000);
    }

    /** What to plan with: between the bounds of its subject. */
    public double rate() {
        double rate = subject.estimator().rate(subject.n0(), prior, sum, n);
        return Math.max(subject.least() * prior, Math.min(subject.most() * prior, rate));
    }

    Learnt and(double part, double weight) {
        return new Learnt(subject, of, by, prior, sum + part, n + weight, evenings);
    }

    Learnt onMore(int more) {
        return new Learnt(subject, of, by, prior, sum, n, evenings + more);
    }
}
