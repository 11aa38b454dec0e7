package org.livelyladle.core.packs;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Minimum-cost flow by successive shortest paths (Bellman-Ford over the residual graph), amounts in grams. Parallel arcs
 * of rising cost give a convex cost. Amounts under {@value #TINY} g count as nothing; at most {@value #MOST_PATHS} paths.
 */
final class CoverFlow {
    static final double TINY = 1e-7;
    private static final int MOST_PATHS = 100_000;

    private record Arc(int from, int to, double cost, int back) {}

    private final int nodes;
    private final List<Arc> arcs = new ArrayList<>();
    private double[] left = new double[64];
    private long work;

    CoverFlow(int nodes) {
        this.nodes = nodes;
    }

    /** Adds an arc of so many grams at a cost each; answers its number. */
    int arc(int from, int to, double grams, double cost) {
        int number = arcs.size();
        if (number + 2 > left.length) {
            left = Arrays.copyOf(left, 2 * left.length);
        }
        left[number] = grams;
        left[number + 1] = 0;
        arcs.add(new Arc(from, to, cost, number + 1));
        arcs.add(new Arc(to, from, -cost, number));
        return number;
    }

    /** Arcs looked at so far. */
    long work() {
        return work;
    }

    /** What flows through an arc [g]. */
    double flow(int arc) {
        return left[arc + 1];
    }

    /** Sends as much as there is from one node to another, as cheaply as can be; answers the grams sent. */
    double send(int source, int sink) {
        double sent = 0;
        for (int paths = 0; ; paths++) {
            int[] via = shortestPath(source, sink);
            if (via[sink] < 0) {
                return sent;
            }
            if (paths == MOST_PATHS) {
                throw new IllegalStateException("The covers need more than " + MOST_PATHS + " paths");
            }
            double grams = Double.POSITIVE_INFINITY;
            for (int node = sink; node != source; node = arcs.get(via[node]).from()) {
                grams = Math.min(grams, left[via[node]]);
            }
            for (int node = sink; node != source; node = arcs.get(via[node]).from()) {
                left[via[node]] -= grams;
                left[arcs.get(via[node]).back()] += grams;
            }
            sent += grams;
        }
    }

    private int[] shortestPath(int source, int sink) {
        double[] distance = new double[nodes];
        int[] via = new int[nodes];
        Arrays.fill(distance, Double.POSITIVE_INFINITY);
        Arrays.fill(via, -1);
        distance[source] = 0;
        boolean better = true;
        for (int round = 0; better && round < nodes; round++) {
            better = false;
            work += arcs.size();
            for (int a = 0; a < arcs.size(); a++) {
                Arc arc = arcs.get(a);
                if (left[a] > TINY && distance[arc.from()] + arc.cost() < distance[arc.to()] - 1e-12) {
                    distance[arc.to()] = distance[arc.from()] + arc.cost();
                    via[arc.to()] = a;
                    better = true;
                }
            }
        }
        return via;
    }
}
