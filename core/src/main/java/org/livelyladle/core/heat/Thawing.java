package org.livelyladle.core.heat;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.check.UnsolvableException;

/**
 * Conduction with freezing and a broth that may vary: cell-centred finite volumes on enthalpy, explicit in time, for
 * slab, cylinder and sphere. Unknown is the enthalpy of each of {@value #CELLS} shells of equal thickness; between
 * shells the heat flux uses the harmonic mean of their conductivities, at the surface half a shell and the surface in
 * series. The step is {@value #SAFETY} of the stability limit. Against the exact series within 1 % from Fo 0.05 on.
 * One piece in one broth: it is followed as far as somebody asks, and what was followed is kept. Used by one thread.
 */
final class Thawing {
    private static final int CELLS = 20;
    private static final double SAFETY = 0.8;
    private static final int MOST_STEPS = 1_000_000;
    private static final int FIRST_STEPS = 4096;
    /** As close to a steady broth as this it stays so; what follows is not computed [K]. */
    private static final double SETTLED_K = 0.001;

    private final Material material;
    private final double surface;
    private final double startC;
    private final double shell;
    /** Volumes of the shells and areas of their outer faces, for a slab per area, else without the common factor. */
    private final double[] volumes = new double[CELLS];

    private final double[] faces = new double[CELLS];

    private final DoubleUnaryOperator brothC;
    private final boolean steady;
    private final double step;
    private final double[] enthalpy = new double[CELLS];

    /** At the centre and on the mean [°C] after each step so far, the first before any. */
    private double[] centresC = new double[FIRST_STEPS];

    private double[] meansC = new double[FIRST_STEPS];
    private int steps;

    private Thawing(CoreProblem problem, DoubleUnaryOperator brothC, boolean steady) {
        Body body = problem.body();
        this.material = problem.material();
        this.surface = problem.surfaceWPerM2K();
        this.startC = problem.startC();
        this.brothC = brothC;
        this.steady = steady;
        double radius = problem.dimensionsMm().get(0) / 2000;
        this.shell = radius / CELLS;
        int power = body == Body.SLAB ? 0 : body == Body.CYLINDER ? 1 : 2;
        for (int i = 0; i < CELLS; i++) {
            double inner = i * shell;
            double outer = (i + 1) * shell;
            faces[i] = StrictMath.pow(outer, power);
            volumes[i] = (StrictMath.pow(outer, power + 1) - StrictMath.pow(inner, power + 1)) / (power + 1);
        }
        this.step = step();
        Arrays.fill(enthalpy, material.enthalpy(startC));
        centresC[0] = startC;
        meansC[0] = startC;
    }

    /**
     * In the broth of the problem, which keeps its temperature.
     *
     * @throws UnsolvableException for short cylinder and brick
     */
    static Thawing of(CoreProblem problem) {
        return of(problem, second -> problem.brothC(), true);
    }

    /**
     * In broth that varies.
     *
     * @param brothC temperature of the broth [°C] at a time [s]
     * @throws UnsolvableException for short cylinder and brick
     */
    static Thawing of(CoreProblem problem, DoubleUnaryOperator brothC) {
        return of(problem, brothC, false);
    }

    private static Thawing of(CoreProblem problem, DoubleUnaryOperator brothC, boolean steady) {
        Body body = problem.body();
        if (body == Body.SHORT_CYLINDER || body == Body.BRICK) {
            throw new UnsolvableException(
                    "shape",
                    "A frozen %s is not computed; thaw it, or take the slab, cylinder or sphere it is nearest to."
                            .formatted(body.label()));
        }
        return new Thawing(problem, brothC, steady);
    }

    /**
     * When the centre reaches a temperature above its start [s], linear between steps.
     *
     * @throws UnsolvableException when {@value #MOST_STEPS} steps are not enough
     */
    double seconds(double targetC) {
        for (int n = 1; n <= MOST_STEPS; n++) {
            follow(n);
            if (centresC[n] >= targetC) {
                return (n - (centresC[n] - targetC) / (centresC[n] - centresC[n - 1])) * step;
            }
        }
        throw new UnsolvableException(
                "targetC",
                "After %.0f s and %d steps the centre has only %.1f °C; this piece does not cook through here."
                        .formatted(MOST_STEPS * step, MOST_STEPS, centresC[MOST_STEPS]));
    }

    /** Temperature at the centre [°C] at some moments [s], linear between steps. */
    double[] centres(double[] moments) {
        follow(moments);
        return Arrays.stream(moments).map(moment -> at(moment, centresC)).toArray();
    }

    /** Mean temperature of the piece [°C] at some moments [s], linear between steps. */
    double[] means(double[] moments) {
        follow(moments);
        return Arrays.stream(moments).map(moment -> at(moment, meansC)).toArray();
    }

    private void follow(double[] moments) {
        double last = Arrays.stream(moments).max().orElse(0);
        int until = (int) Math.min(MOST_STEPS, Math.ceil(last / step));
        while (steps < until && !settled()) {
            follow(steps + 1);
        }
    }

    private boolean settled() {
        return steady && brothC.applyAsDouble(0) - meansC[steps] < SETTLED_K;
    }

    /** As it stood at a moment; after the last step that was followed, as it stood then. */
    private double at(double moment, double[] celsius) {
        double exact = Math.min(steps, moment / step);
        int before = (int) exact;
        return before == steps
                ? celsius[steps]
                : celsius[before] + (exact - before) * (celsius[before + 1] - celsius[before]);
    }

    private void follow(int until) {
        Patience.check();
        while (steps < until) {
            advance(brothC.applyAsDouble(steps * step));
            steps++;
            if (steps == centresC.length) {
                centresC = Arrays.copyOf(centresC, 2 * steps);
                meansC = Arrays.copyOf(meansC, 2 * steps);
            }
            centresC[steps] = centre();
            meansC[steps] = mean();
            if (!Double.isFinite(centresC[steps])) {
                throw new ArithmeticException("The temperature is no number at t = " + steps * step + " s");
            }
        }
    }

    private double mean() {
        double sum = 0;
        double volume = 0;
        for (int i = 0; i < CELLS; i++) {
            sum += volumes[i] * material.temperature(enthalpy[i]);
            volume += volumes[i];
        }
        return sum / volume;
    }

    /** The largest stable step, by the shell that reacts fastest [s]. */
    private double step() {
        double conductivity = Math.max(material.conductivityWPerMK(), material.frozenConductivityWPerMK());
        double capacity = material.densityKgPerM3()
                * Math.min(material.specificHeatJPerKgK(), material.frozenSpecificHeatJPerKgK());
        double fastest = 0;
        for (int i = 0; i < CELLS; i++) {
            double inner = i == 0 ? 0 : faces[i - 1] * conductivity / shell;
            double outer = faces[i] * (i == CELLS - 1 ? outward(conductivity) : conductivity / shell);
            fastest = Math.max(fastest, (inner + outer) / (capacity * volumes[i]));
        }
        return SAFETY / fastest;
    }

    /** From the middle of the last shell to the broth [W/m2K]. */
    private double outward(double conductivity) {
        return 1 / (1 / surface + shell / 2 / conductivity);
    }

    private void advance(double broth) {
        double flow = 0;
        double temperature = material.temperature(enthalpy[0]);
        double conductivity = material.conductivity(enthalpy[0]);
        for (int i = 0; i < CELLS; i++) {
            double inflow;
            double next = 0;
            double nextConductivity = 0;
            if (i == CELLS - 1) {
                inflow = faces[i] * outward(conductivity) * (broth - temperature);
            } else {
                next = material.temperature(enthalpy[i + 1]);
                nextConductivity = material.conductivity(enthalpy[i + 1]);
                double mean = 2 * conductivity * nextConductivity / (conductivity + nextConductivity);
                inflow = faces[i] * mean / shell * (next - temperature);
            }
            enthalpy[i] += (inflow - flow) * step / (material.densityKgPerM3() * volumes[i]);
            flow = inflow;
            temperature = next;
            conductivity = nextConductivity;
        }
    }

    /**
     * Quadratic through the two innermost shells, with no slope at the centre; while the front passes between them that
     * would fall below freezing, where thawed food is not.
     */
    private double centre() {
        double quadratic = (9 * material.temperature(enthalpy[0]) - material.temperature(enthalpy[1])) / 8;
        return enthalpy[0] < 0 ? quadratic : Math.max(material.freezingC(), quadratic);
    }
}
