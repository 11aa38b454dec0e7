package org.livelyladle.core.packs;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import org.livelyladle.core.check.Patience;

/**
 * Branch and bound over ingredients tied together by covers. A branch restricts each ingredient to a range of corners of
 * its cost curve; its bound takes the lower convex hull of the corners in range. The hull's solution, each ingredient
 * rounded up to the next corner, is a plan too. The branch is cut at the ingredient whose hull is furthest below its
 * curve. Best bound first. It ends after {@value #MOST_WORK} corners and arcs looked at, with the best plan so far.
 */
final class CoverSearch {
    private static final long MOST_WORK = 300_000_000;
    /** Bounds this near to the best plan cannot better it [cents]. */
    private static final double EPSILON = 1e-7;

    private final double[] needs;
    private final List<CostCurve> curves;
    private final List<Link> links;
    private double bestCents;
    private int[] best;
    private long work;
    private boolean proven = true;

    /** Up to so many grams of ingredient {@code by} for {@code shortOf}, both by their place [g]. */
    record Link(int shortOf, int by, double maxGrams) {}

    /**
     * @param cut the ingredient to be cut in two next, whose corners up to {@code below} make the lower branch
     * @param bound no plan in range is cheaper [cents]
     */
    private record Branch(int[] low, int[] high, int cut, int below, double bound) {}

    CoverSearch(double[] needs, List<CostCurve> curves, List<Link> links) {
        this.needs = needs;
        this.curves = curves;
        this.links = links;
        this.best = curves.stream().mapToInt(curve -> curve.corners() - 1).toArray();
        this.bestCents = centsAt(best);
    }

    /** False when the budget ended the search. */
    boolean isProven() {
        return proven;
    }

    /** The corner of each ingredient's curve in the cheapest plan. Every need must be within reach. */
    int[] solve() {
        int[] low = new int[needs.length];
        int[] high = new int[needs.length];
        for (int k = 0; k < needs.length; k++) {
            low[k] = curves.get(k).cornerFor(needs[k] - receivable(k));
            high[k] = curves.get(k).corners() - 1;
        }
        PriorityQueue<Branch> open = new PriorityQueue<>(Comparator.comparingDouble(Branch::bound));
        push(open, low, high);
        while (!open.isEmpty() && open.peek().bound() < bestCents - EPSILON) {
            Patience.check();
            if (work > MOST_WORK) {
                proven = false;
                break;
            }
            split(open, open.remove());
        }
        return best;
    }

    private double receivable(int ingredient) {
        return links.stream()
                .filter(link -> link.shortOf() == ingredient)
                .mapToDouble(Link::maxGrams)
                .sum();
    }

    private void split(PriorityQueue<Branch> open, Branch branch) {
        int[] high = branch.high().clone();
        high[branch.cut()] = branch.below();
        push(open, branch.low(), high);
        int[] low = branch.low().clone();
        low[branch.cut()] = branch.below() + 1;
        push(open, low, branch.high());
    }

    /** Bounds a range of corners and keeps it when it can hold a better plan. */
    private void push(PriorityQueue<Branch> open, int[] low, int[] high) {
        List<List<Integer>> hulls = new ArrayList<>();
        for (int k = 0; k < needs.length; k++) {
            hulls.add(hull(curves.get(k), low[k], high[k]));
            work += high[k] - low[k] + 1;
        }
        double[] bought = cheapestOnHulls(hulls);
        if (bought.length == 0) {
            return;
        }
        remember(bought);
        double bound = 0;
        double widest = EPSILON / needs.length;
        int cut = -1;
        for (int k = 0; k < needs.length; k++) {
            CostCurve curve = curves.get(k);
            double onHull = hullCents(curve, hulls.get(k), bought[k]);
            double gap = curve.cents(curve.cornerFor(bought[k])) - onHull;
            bound += onHull;
            if (gap > widest) {
                widest = gap;
                cut = k;
            }
        }
        if (cut >= 0 && bound < bestCents - EPSILON) {
            int corner = curves.get(cut).cornerFor(bought[cut]);
            boolean onCorner = curves.get(cut).grams(corner) - bought[cut] < 1e-6;
            open.add(new Branch(low, high, cut, onCorner ? corner : corner - 1, bound));
        }
    }

    /** What to buy of each ingredient if every cost ran along its hull [g]; empty when the needs cannot be met. */
    private double[] cheapestOnHulls(List<List<Integer>> hulls) {
        int n = needs.length;
        int source = 2 * n;
        int sink = source + 1;
        CoverFlow flow = new CoverFlow(sink + 1);
        List<List<Integer>> supplies = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            CostCurve curve = curves.get(k);
            List<Integer> hull = hulls.get(k);
            List<Integer> own = new ArrayList<>();
            own.add(flow.arc(source, k, curve.grams(hull.get(0)), 0));
            for (int i = 1; i < hull.size(); i++) {
                double grams = curve.grams(hull.get(i)) - curve.grams(hull.get(i - 1));
                double cents = curve.cents(hull.get(i)) - curve.cents(hull.get(i - 1));
                own.add(flow.arc(source, k, grams, cents / grams));
            }
            supplies.add(own);
            flow.arc(k, n + k, Double.POSITIVE_INFINITY, 0);
            flow.arc(n + k, sink, needs[k], 0);
        }
        for (Link link : links) {
            flow.arc(link.by(), n + link.shortOf(), link.maxGrams(), 0);
        }
        double sent = flow.send(source, sink);
        work += flow.work();
        if (sent < sum(needs) - 1e-6) {
            return new double[0];
        }
        double[] bought = new double[n];
        for (int k = 0; k < n; k++) {
            double used = supplies.get(k).stream().mapToDouble(flow::flow).sum();
            bought[k] = Math.max(used, curves.get(k).grams(hulls.get(k).get(0)));
        }
        return bought;
    }

    private static double hullCents(CostCurve curve, List<Integer> hull, double grams) {
        for (int i = 1; i < hull.size(); i++) {
            int a = hull.get(i - 1);
            int b = hull.get(i);
            if (grams <= curve.grams(b) || i == hull.size() - 1) {
                double share = Math.max(0, (grams - curve.grams(a)) / (curve.grams(b) - curve.grams(a)));
                return curve.cents(a) + Math.min(1, share) * (curve.cents(b) - curve.cents(a));
            }
        }
        return curve.cents(hull.get(0));
    }

    private void remember(double[] bought) {
        int[] corners = new int[needs.length];
        for (int k = 0; k < corners.length; k++) {
            corners[k] = curves.get(k).cornerFor(bought[k]);
        }
        double cents = centsAt(corners);
        if (cents < bestCents) {
            bestCents = cents;
            best = corners;
        }
    }

    private double centsAt(int[] corners) {
        double cents = 0;
        for (int k = 0; k < corners.length; k++) {
            cents += curves.get(k).cents(corners[k]);
        }
        return cents;
    }

    /** Corners on the lower convex hull of a range, by rising slope. */
    private static List<Integer> hull(CostCurve curve, int low, int high) {
        List<Integer> hull = new ArrayList<>();
        for (int t = low; t <= high; t++) {
            while (hull.size() >= 2 && !turnsUp(curve, hull.get(hull.size() - 2), hull.get(hull.size() - 1), t)) {
                hull.remove(hull.size() - 1);
            }
            hull.add(t);
        }
        return hull;
    }

    private static boolean turnsUp(CostCurve curve, int a, int b, int c) {
        return (curve.cents(b) - curve.cents(a)) * (curve.grams(c) - curve.grams(b))
                < (curve.cents(c) - curve.cents(b)) * (curve.grams(b) - curve.grams(a)) - 1e-12;
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }
}
