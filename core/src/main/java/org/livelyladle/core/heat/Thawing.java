package org.livelyladle.core.heat;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import org.livelyladle.core.check.UnsolvableException;

/**
 * Conduction with freezing and a broth that may vary: cell-centred finite volumes on enthalpy, explicit in time, for
 * slab, cylinder and sphere. Unknown is the enthalpy of each of {@value #CELLS} shells of equal thickness; between
 * shells the heat flux uses the harmonic mean of their conductivities, at the surface half a shell and the surface in
 * series. The step is {@value #SAFETY} of the stability limit. Against the exact series within 1 % from Fo 0.05 on.
 * Immutable.
 */
final class Thawing {
    private static final int CELLS = 20;
    private static final double SAFETY = 0.8;
    private static final long MOST_STEPS = 3_000_000;

    private final Material material;
    private final double surface;
    private final double startC;
    private final double shell;
    /** Volumes of the shells and areas of their outer faces, for a slab per area, else without the common factor. */
    private final double[] volumes = new double[CELLS];

    private final double[] faces = new double[CELLS];

    private Thawing(Body body, double fullMm, double startC, double surface, Material material) {
        this.material = material;
        this.surface = surface;
        this.startC = startC;
        double radius = fullMm / 2000;
        this.shell = radius / CELLS;
        int power = body == Body.SLAB ? 0 : body == Body.CYLINDER ? 1 : 2;
        for (int i = 0; i < CELLS; i++) {
            double inner = i * shell;
            double outer = (i + 1) * shell;
            faces[i] = StrictMath.pow(outer, power);
            volumes[i] = (StrictMath.pow(outer, power + 1) - StrictMath.pow(inner, power + 1)) / (power + 1);
        }
    }

    /**
     * @throws UnsolvableException for short cylinder and brick
     */
    static Thawing of(CoreProblem problem) {
        Body body = problem.body();
        if (body == Body.SHORT_CYLINDER || body == Body.BRICK) {
            throw new UnsolvableException(
                    "shape",
                    "A frozen %s is not computed; thaw it, or take the slab, cylinder or sphere it is nearest to."
                            .formatted(body.label()));
        }
        return new Thawing(
                body, problem.dimensionsMm().get(0), problem.startC(), problem.surfaceWPerM2K(), problem.material());
    }

    /**
     * When the centre reaches a temperature [s], linear between steps.
     *
     * @param brothC temperature of the broth [°C] at a time [s]
     * @throws UnsolvableException when {@value #MOST_STEPS} steps are not enough
     */
    double seconds(DoubleUnaryOperator brothC, double targetC) {
        double[] enthalpy = new double[CELLS];
        Arrays.fill(enthalpy, material.enthalpy(startC));
        double step = step();
        double before = startC;
        for (long n = 0; n < MOST_STEPS; n++) {
            advance(enthalpy, brothC.applyAsDouble(n * step), step);
            double centre = centre(enthalpy);
            if (!Double.isFinite(centre)) {
                throw new ArithmeticException("The temperature is no number at t = " + n * step + " s");
            }
            if (centre >= targetC) {
                return (n + (targetC - before) / (centre - before)) * step;
            }
            before = centre;
        }
        throw new UnsolvableException(
                "targetC",
                "After %.0f s and %d steps the centre has only %.1f °C; this piece does not cook through here."
                        .formatted(MOST_STEPS * step, MOST_STEPS, before));
    }

    /** Temperature at the centre [°C] at ascending moments [s], linear between steps. */
    double[] centres(DoubleUnaryOperator brothC, double[] moments) {
        return follow(brothC, moments, this::centre);
    }

    /** Mean temperature of the piece [°C] at ascending moments [s], linear between steps. */
    double[] means(DoubleUnaryOperator brothC, double[] moments) {
        return follow(brothC, moments, this::mean);
    }

    private double[] follow(DoubleUnaryOperator brothC, double[] moments, ToDoubleFunction<double[]> wanted) {
        double[] enthalpy = new double[CELLS];
        Arrays.fill(enthalpy, material.enthalpy(startC));
        double[] found = new double[moments.length];
        double step = step();
        double before = startC;
        double now = startC;
        long n = 0;
        for (int i = 0; i < moments.length; i++) {
            while (n * step < moments[i] && n < MOST_STEPS) {
                before = now;
                advance(enthalpy, brothC.applyAsDouble(n * step), step);
                now = wanted.applyAsDouble(enthalpy);
                n++;
            }
            double back = n == 0 ? 0 : n - moments[i] / step;
            found[i] = now - Math.min(1, back) * (now - before);
        }
        return found;
    }

    private double mean(double[] enthalpy) {
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

    private void advance(double[] enthalpy, double brothC, double step) {
        double flow = 0;
        double temperature = material.temperature(enthalpy[0]);
        double conductivity = material.conductivity(enthalpy[0]);
        for (int i = 0; i < CELLS; i++) {
            double inflow;
            double next = 0;
            double nextConductivity = 0;
            if (i == CELLS - 1) {
                inflow = faces[i] * outward(conductivity) * (brothC - temperature);
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
    private double centre(double[] enthalpy) {
        double quadratic = (9 * material.temperature(enthalpy[0]) - material.temperature(enthalpy[1])) / 8;
        return enthalpy[0] < 0 ? quadratic : Math.max(material.freezingC(), quadratic);
    }
}
