package org.livelyladle.bench;

import org.livelyladle.core.packs.PackOracle;
import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackProblems;
import org.livelyladle.core.packs.PackSolver;

/** Compares the packs' optimum with CP-SAT's on 300 seeded problems; ends with 1 when any differs. */
public final class PackComparison {
    private static final int PROBLEMS = 300;
    private static final int WORKERS = 8;

    private PackComparison() {}

    public static void main(String[] args) {
        int equal = 0;
        double widest = 0;
        for (int seed = 0; seed < PROBLEMS; seed++) {
            PackProblem problem = PackProblems.random(10_000 + seed, 1 + seed % 40, seed % 31);
            double ours = PackSolver.solve(problem).objectiveCents();
            double gap = Math.abs(ours - PackOracle.optimum(problem, WORKERS));
            widest = Math.max(widest, gap);
            if (gap < 1e-6) {
                equal++;
            } else {
                System.out.printf("seed %d: ours %.4f, off by %.4f cents%n", 10_000 + seed, ours, gap);
            }
        }
        System.out.printf("packs: %d of %d optima equal CP-SAT's, widest gap %.2g cents%n", equal, PROBLEMS, widest);
        System.exit(equal == PROBLEMS ? 0 : 1);
    }
}
