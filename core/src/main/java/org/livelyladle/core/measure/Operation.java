package org.livelyladle.core.measure;

import java.util.List;
import org.livelyladle.core.measure.LargestRemainder.Claim;

/** How the terms of a working make its result; {@link #evaluate} repeats the computation from the values shown. */
public enum Operation {
    /** The first term as it stands. */
    GIVEN {
        @Override
        public double evaluate(List<Double> values) {
            return values.get(0);
        }
    },
    SUM {
        @Override
        public double evaluate(List<Double> values) {
            return values.stream().mapToDouble(Double::doubleValue).sum();
        }
    },
    PRODUCT {
        @Override
        public double evaluate(List<Double> values) {
            return values.stream().mapToDouble(Double::doubleValue).reduce(1, (a, b) -> a * b);
        }
    },
    /** The first term less all others. */
    DIFFERENCE {
        @Override
        public double evaluate(List<Double> values) {
            return 2 * values.get(0) - SUM.evaluate(values);
        }
    },
    /** The first term divided by all others. */
    QUOTIENT {
        @Override
        public double evaluate(List<Double> values) {
            double result = values.get(0);
            for (double divisor : values.subList(1, values.size())) {
                result /= divisor;
            }
            return result;
        }
    },
    /** The first term up to the next whole number, one at least. */
    ROUND_UP {
        @Override
        public double evaluate(List<Double> values) {
            return Math.max(1, StrictMath.ceil(values.get(0) - 1e-9));
        }
    },
    /** First x second / third: a part of a whole by weight. */
    SHARE {
        @Override
        public double evaluate(List<Double> values) {
            return values.get(0) * values.get(1) / values.get(2);
        }
    },
    MAXIMUM {
        @Override
        public double evaluate(List<Double> values) {
            return values.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        }
    },
    MINIMUM {
        @Override
        public double evaluate(List<Double> values) {
            return values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
        }
    },
    /** Terms come in pairs, since when and until when: the longest time between, 0 at least. */
    LONGEST_GAP {
        @Override
        public double evaluate(List<Double> values) {
            double longest = 0;
            for (int i = 0; i + 1 < values.size(); i += 2) {
                longest = Math.max(longest, values.get(i + 1) - values.get(i));
            }
            return longest;
        }
    },
    /**
     * The first term is a place (1, 2, ...) among triples that follow, an exact share, what was missed so far and the claim
     * (0 none, 1 a piece before anybody's second, 2 settled); the sum of the exact shares is shared in whole pieces.
     */
    LARGEST_REMAINDER {
        @Override
        public double evaluate(List<Double> values) {
            int count = (values.size() - 1) / 3;
            double[] quotas = new double[count];
            double[] missing = new double[count];
            Claim[] claims = new Claim[count];
            for (int i = 0; i < count; i++) {
                quotas[i] = values.get(1 + 3 * i);
                missing[i] = values.get(2 + 3 * i);
                claims[i] = Claim.values()[(int) Math.round(values.get(3 + 3 * i))];
            }
            return LargestRemainder.share(quotas, missing, claims)[(int) Math.round(values.get(0)) - 1];
        }
    };

    public abstract double evaluate(List<Double> values);
}
