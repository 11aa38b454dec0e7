package org.livelyladle.core.packs;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.packs.PackProblem.PackOffer;

/**
 * The least cost of buying at least so much of one ingredient: a step function of the grams, given by its corners.
 * Dynamic programming on the grid of the offers' greatest common weight:
 * {@code best(u) = min over offers of cost + best(max(0, u - weight))}, where a cost is price and waste value of the
 * whole pack. Among equal plans the one that uses offers listed first. Immutable.
 */
final class CostCurve {
    /** Of all curves of a problem together. */
    private static final int MOST_UNITS = 4_000_000;

    private static final long MOST_WORK = 400_000_000;
    private static final double EPSILON = 1e-9;

    private final List<PackOffer> offers;
    private final int[] weights;
    private final int[] used;
    /** Corners: at least {@code gramsAt[t]} grams can be had for {@code centsAt[t]}; both rise with t. */
    private final int[] unitsAt;

    private final double[] gramsAt;
    private final double[] centsAt;

    /**
     * @param most the most that can be of use [g]
     * @param wasteCentsPerKg value of a kilogram too much [cents/kg]
     */
    CostCurve(List<PackOffer> offers, double most, double wasteCentsPerKg, Budget budget) {
        this.offers = offers;
        long grid = 0;
        for (PackOffer offer : offers) {
            grid = commonDivisor(grid, tenths(offer));
        }
        double unit = Math.max(1, grid) / 10.0;
        int units = offers.isEmpty() ? 0 : budget.units(most, unit, offers.size());
        this.weights = new int[offers.size()];
        double[] own = new double[offers.size()];
        for (int i = 0; i < weights.length; i++) {
            PackOffer offer = offers.get(i);
            weights[i] = (int) Math.min(tenths(offer) / Math.max(1, grid), Integer.MAX_VALUE);
            own[i] = offer.unitCents() + wasteCentsPerKg * offer.unitGrams() / 1000;
        }
        double[] cost = new double[units + 1];
        this.used = new int[units + 1];
        for (int rest = 1; rest <= units; rest++) {
            cost[rest] = Double.POSITIVE_INFINITY;
            for (int i = 0; i < weights.length; i++) {
                double candidate = own[i] + cost[Math.max(0, rest - weights[i])];
                if (candidate < cost[rest] - EPSILON) {
                    cost[rest] = candidate;
                    used[rest] = i;
                }
            }
        }
        List<Integer> corners = new ArrayList<>();
        for (int u = 0; u <= units; u++) {
            if (u == units || cost[u + 1] > cost[u] + EPSILON) {
                corners.add(u);
            }
        }
        this.unitsAt = corners.stream().mapToInt(Integer::intValue).toArray();
        this.gramsAt = corners.stream().mapToDouble(u -> u * unit).toArray();
        this.centsAt = corners.stream().mapToDouble(u -> cost[u]).toArray();
    }

    private static long tenths(PackOffer offer) {
        return Math.round(offer.unitGrams() * 10);
    }

    private static long commonDivisor(long a, long b) {
        return b == 0 ? a : commonDivisor(b, a % b);
    }

    /** What the curves of one problem may take in memory and time. */
    static final class Budget {
        private double units;
        private double work;

        private int units(double most, double unit, int offers) {
            double wanted = Math.ceil(most / unit - 1e-7);
            units += wanted;
            work += wanted * offers;
            if (units > MOST_UNITS || work > MOST_WORK) {
                throw new UnsolvableException(
                        "offers",
                        "%d offers with a common step of %s g for %s g take too long to weigh against each other. Weights with a coarser common step, less to buy or fewer offers make it possible."
                                .formatted(offers, unit, most));
            }
            return (int) wanted;
        }
    }

    int corners() {
        return gramsAt.length;
    }

    double grams(int corner) {
        return gramsAt[corner];
    }

    double cents(int corner) {
        return centsAt[corner];
    }

    /** The cheapest corner with at least so many grams; the last one when none has [g]. */
    int cornerFor(double grams) {
        int low = 0;
        int high = gramsAt.length - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (gramsAt[middle] >= grams - 1e-7) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** Packs of each offer at a corner. */
    int[] counts(int corner) {
        int[] count = new int[offers.size()];
        for (int rest = unitsAt[corner]; rest > 0; rest -= weights[used[rest]]) {
            count[used[rest]]++;
        }
        return count;
    }
}
