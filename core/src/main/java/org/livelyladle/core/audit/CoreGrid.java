package org.livelyladle.core.audit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;

/**
 * Heating of a body cut into cells, in as many dimensions as it has: explicit finite volumes on enthalpy, the coldest
 * cell decides. Half balls in spherical cells, short cylinders in rings, bricks in boxes; one symmetric part of each. A
 * slice dipped by hand is taken as folded. It shares no code with what it judges, and its constants stand here again on
 * purpose.
 */
public final class CoreGrid {
    private static final double RHO = 1050;
    private static final double C = 3500;
    private static final double K = 0.48;
    private static final double C_ICE = 2000;
    private static final double K_ICE = 1.4;
    private static final double MELTING = 334_000 * 0.75;
    private static final double FREEZES_C = -1.5;

    private static final double SURFACE_W_PER_M2_K = 1500;
    private static final double FOLD = 1.5;
    /** Nothing stays in the broth longer than this [s]. */
    private static final double LONGEST_S = 20_000;
    /** Where steps of the broth are answered: well above freezing. */
    private static final double STEP_FROM_C = 10;
    /** As good as all of a step. */
    private static final double FOLLOWED = 1 - 1e-6;

    private final List<Double> volumes = new ArrayList<>();
    /** From, to, area, distances of both middles from the face. */
    private final List<double[]> inner = new ArrayList<>();
    /** Cell, area, distance of its middle from the face, and 1 where only symmetry made it. */
    private final List<double[]> outer = new ArrayList<>();

    /** @param scale every size against the catalogue's [1] */
    public static CoreGrid of(Cut cut, double scale) {
        double folded = cut.byHand() && cut.shape() == Shape.SLAB ? scale * FOLD : scale;
        double[] mm =
                cut.dimensionsMm().stream().mapToDouble(d -> d * folded / 1000).toArray();
        return switch (cut.shape()) {
            case HEMISPHERE -> halfBall(mm[0] / 2, 12, 9);
            case SPHERE -> halfBall(mm[0] / 2, 24, 1).sealed();
            case SHORT_CYLINDER -> rings(mm[0] / 2, mm[1] / 2, 12);
            case CYLINDER -> rings(mm[0] / 2, 1, 24).sealed();
            case BRICK -> boxes(mm, 9);
            default -> boxes(new double[] {mm[0], 1, 1}, 24);
        };
    }

    private int cell(double volume) {
        volumes.add(volume);
        return volumes.size() - 1;
    }

    /** Without what would cool it on faces that only symmetry made. */
    private CoreGrid sealed() {
        outer.removeIf(face -> face[3] > 0);
        return this;
    }

    private static CoreGrid halfBall(double radius, int shells, int cones) {
        CoreGrid grid = new CoreGrid();
        double dr = radius / shells;
        double dAngle = Math.PI / 2 / cones;
        for (int a = 0; a < shells; a++) {
            double in = a * dr;
            double out = in + dr;
            for (int b = 0; b < cones; b++) {
                double cap = StrictMath.cos(b * dAngle) - StrictMath.cos((b + 1) * dAngle);
                int here = grid.cell((cube(out) - cube(in)) / 3 * cap);
                if (a > 0) {
                    grid.inner.add(new double[] {here - cones, here, in * in * cap, dr / 2, dr / 2});
                }
                if (a == shells - 1) {
                    grid.outer.add(new double[] {here, out * out * cap, dr / 2, 0});
                }
                double side = (out * out - in * in) / 2 * StrictMath.sin((b + 1) * dAngle);
                double half = (in + out) / 2 * dAngle / 2;
                if (b < cones - 1) {
                    grid.inner.add(new double[] {here, here + 1, side, half, half});
                } else {
                    grid.outer.add(new double[] {here, side, half, 1});
                }
            }
        }
        return grid;
    }

    private static double cube(double x) {
        return x * x * x;
    }

    private static CoreGrid rings(double radius, double halfHeight, int n) {
        CoreGrid grid = new CoreGrid();
        int layers = halfHeight == 1 ? 1 : n;
        double dr = radius / n;
        double dz = halfHeight / layers;
        for (int a = 0; a < n; a++) {
            double ring = (2 * a + 1) * dr * dr / 2;
            for (int b = 0; b < layers; b++) {
                int here = grid.cell(ring * dz);
                if (a > 0) {
                    grid.inner.add(new double[] {here - layers, here, a * dr * dz, dr / 2, dr / 2});
                }
                if (a == n - 1) {
                    grid.outer.add(new double[] {here, radius * dz, dr / 2, 0});
                }
                if (b > 0) {
                    grid.inner.add(new double[] {here - 1, here, ring, dz / 2, dz / 2});
                }
                if (b == layers - 1) {
                    grid.outer.add(new double[] {here, ring, dz / 2, 1});
                }
            }
        }
        return grid;
    }

    /** An eighth of a brick; an edge of a metre stands for one that goes on for ever. */
    private static CoreGrid boxes(double[] edges, int n) {
        CoreGrid grid = new CoreGrid();
        int[] cells = new int[3];
        double[] d = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            cells[axis] = edges[axis] == 1 ? 1 : n;
            d[axis] = edges[axis] / 2 / cells[axis];
        }
        int[] step = {cells[1] * cells[2], cells[2], 1};
        for (int x = 0; x < cells[0]; x++) {
            for (int y = 0; y < cells[1]; y++) {
                for (int z = 0; z < cells[2]; z++) {
                    int here = grid.cell(d[0] * d[1] * d[2]);
                    int[] at = {x, y, z};
                    for (int axis = 0; axis < 3; axis++) {
                        double area = d[0] * d[1] * d[2] / d[axis];
                        if (at[axis] > 0) {
                            grid.inner.add(new double[] {here - step[axis], here, area, d[axis] / 2, d[axis] / 2});
                        }
                        if (at[axis] == cells[axis] - 1 && edges[axis] != 1) {
                            grid.outer.add(new double[] {here, area, d[axis] / 2, 0});
                        }
                    }
                }
            }
        }
        return grid;
    }

    /** Told of each step of time. */
    private interface Watcher {
        /**
         * @param second at the end of the step
         * @param step its length [s]
         * @param before the coldest cell at its start, coldest at its end [°C]
         * @return whether to go on
         */
        boolean goesOn(double second, double step, double before, double coldest);
    }

    /**
     * When the coldest cell reaches a temperature [s]; infinite when it does not within hours.
     *
     * @param brothC temperature of the broth [°C] at a second
     */
    public double seconds(double startC, DoubleUnaryOperator brothC, double targetC) {
        double[] reached = {Double.POSITIVE_INFINITY};
        march(startC, brothC, (second, step, before, coldest) -> {
            if (coldest >= targetC) {
                reached[0] = second - step * (coldest - targetC) / (coldest - before);
            }
            return coldest < targetC;
        });
        return reached[0];
    }

    /**
     * How far the coldest cell of thawed food has followed a step of the broth's temperature, second by second from 0 at
     * the step to 1 [1]. Food that conducts and stores heat evenly answers to any other course by superposition.
     */
    public double[] stepResponse(int seconds) {
        double[] response = new double[seconds + 1];
        Arrays.fill(response, 1, response.length, 1);
        int[] next = {1};
        march(STEP_FROM_C, second -> STEP_FROM_C + 1, (second, step, before, coldest) -> {
            while (next[0] <= seconds && next[0] <= second) {
                double back = (second - next[0]) / step;
                response[next[0]++] = coldest - back * (coldest - before) - STEP_FROM_C;
            }
            return next[0] <= seconds && coldest - STEP_FROM_C < FOLLOWED;
        });
        return response;
    }

    private void march(double startC, DoubleUnaryOperator brothC, Watcher watcher) {
        int n = volumes.size();
        double[] volume = volumes.stream().mapToDouble(v -> v).toArray();
        double[] perKg = Arrays.stream(volume).map(v -> 1 / (RHO * v)).toArray();
        int[] from = ends(inner, 0);
        int[] to = ends(inner, 1);
        int[] edge = ends(outer, 0);
        double[] heat = new double[n];
        double[] celsius = new double[n];
        double[] gain = new double[n];
        double[] within = new double[from.length];
        double[] outward = new double[edge.length];
        Arrays.fill(heat, enthalpy(startC));
        Arrays.fill(celsius, startC);
        boolean thawing = startC < FREEZES_C;
        let(heat, within, outward);
        double step = step(volume, thawing ? K_ICE : K, thawing ? C_ICE : C);
        double before = startC;
        double second = 0;
        while (second < LONGEST_S) {
            double broth = brothC.applyAsDouble(second);
            Arrays.fill(gain, 0);
            for (int face = 0; face < within.length; face++) {
                double flow = within[face] * (celsius[to[face]] - celsius[from[face]]);
                gain[from[face]] += flow;
                gain[to[face]] -= flow;
            }
            for (int face = 0; face < outward.length; face++) {
                gain[edge[face]] += outward[face] * (broth - celsius[edge[face]]);
            }
            second += step;
            double coldest = Double.MAX_VALUE;
            boolean wasThawing = thawing;
            thawing = false;
            for (int cell = 0; cell < n; cell++) {
                heat[cell] += gain[cell] * step * perKg[cell];
                thawing |= heat[cell] < MELTING;
                celsius[cell] = temperature(heat[cell]);
                coldest = Math.min(coldest, celsius[cell]);
            }
            if (!watcher.goesOn(second, step, before, coldest)) {
                return;
            }
            before = coldest;
            if (wasThawing) {
                let(heat, within, outward);
            }
            if (wasThawing && !thawing) {
                // what has thawed conducts less and holds more: longer steps are stable
                step = step(volume, K, C);
            }
        }
    }

    private static int[] ends(List<double[]> faces, int which) {
        return faces.stream().mapToInt(face -> (int) face[which]).toArray();
    }

    /**
     * What each face lets through [W/K], by how far the cells beside it have thawed.
     *
     * @param within of the inner faces, outward of the outer, to be filled
     */
    private void let(double[] heat, double[] within, double[] outward) {
        double[] resists = new double[heat.length];
        for (int cell = 0; cell < heat.length; cell++) {
            resists[cell] = 1 / conductivity(heat[cell]);
        }
        for (int i = 0; i < within.length; i++) {
            double[] face = inner.get(i);
            within[i] = face[2] / (face[3] * resists[(int) face[0]] + face[4] * resists[(int) face[1]]);
        }
        for (int i = 0; i < outward.length; i++) {
            double[] face = outer.get(i);
            outward[i] = face[1] / (1 / SURFACE_W_PER_M2_K + face[2] * resists[(int) face[0]]);
        }
    }

    private double step(double[] volume, double k, double c) {
        double[] out = new double[volume.length];
        for (double[] face : inner) {
            out[(int) face[0]] += face[2] * k / (face[3] + face[4]);
            out[(int) face[1]] += face[2] * k / (face[3] + face[4]);
        }
        for (double[] face : outer) {
            out[(int) face[0]] += face[1] / (1 / SURFACE_W_PER_M2_K + face[2] / k);
        }
        double step = Double.MAX_VALUE;
        for (int cell = 0; cell < volume.length; cell++) {
            step = Math.min(step, RHO * c * volume[cell] / out[cell]);
        }
        return 0.9 * step;
    }

    private static double enthalpy(double celsius) {
        return celsius < FREEZES_C ? (celsius - FREEZES_C) * C_ICE : MELTING + (celsius - FREEZES_C) * C;
    }

    private static double temperature(double enthalpy) {
        return enthalpy < 0 ? FREEZES_C + enthalpy / C_ICE : FREEZES_C + Math.max(0, enthalpy - MELTING) / C;
    }

    private static double conductivity(double enthalpy) {
        double thawed = Math.min(1, Math.max(0, enthalpy / MELTING));
        return K_ICE + thawed * (K - K_ICE);
    }
}
