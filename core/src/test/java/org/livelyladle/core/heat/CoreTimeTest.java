package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Records;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.UnsolvableException;

class CoreTimeTest {
    private static final Material LEAN = Material.lean();

    private static CoreProblem problem(String shape, double startC, double brothC, double targetC, double... mm) {
        return new CoreProblem(shape, Arrays.stream(mm).boxed().toList(), startC, brothC, targetC, 1500.0, LEAN);
    }

    private static double[] sizes(String text) {
        return Arrays.stream(text.split("x")).mapToDouble(Double::parseDouble).toArray();
    }

    /** h 1500, k 0.48, rho 1050, c 3500, from 5 °C in 98 °C: an independent evaluation of the series. */
    @ParameterizedTest
    @CsvSource({
        "slab,2,60,5.75",
        "slab,3,60,11.3",
        "slab,4,74,26.2",
        "cylinder,16,63,132",
        "shortCylinder,30x20,63,268",
        "sphere,28,70,301",
        "sphere,18,70,127",
        "brick,20x20x20,65,193"
    })
    void referenceTimes(String shape, String mm, double target, double seconds) {
        assertThat(CoreTime.of(problem(shape, 5, 98, target, sizes(mm))).seconds())
                .isCloseTo(seconds, within(0.005 * seconds));
    }

    /** Centre at Bi = 1, Fo = 1, read off the one-term tables of Incropera and DeWitt, ch. 5. */
    @ParameterizedTest
    @CsvSource({"SLAB,0.534", "CYLINDER,0.249", "SPHERE,0.108"})
    void centreAtBiotOneAndFourierOne(Body body, double excess) {
        assertThat(new Roots(body, 1).centre(1)).isCloseTo(excess, within(0.0006));
    }

    /** First roots and coefficients, Incropera and DeWitt, table 5.1, to the digits printed. */
    @ParameterizedTest
    @CsvSource({
        "SLAB,0.1,0.3111,1.0161",
        "SLAB,1,0.8603,1.1191",
        "SLAB,10,1.4289,1.2620",
        "SLAB,100,1.5552,1.2731",
        "CYLINDER,0.1,0.4417,1.0246",
        "CYLINDER,1,1.2558,1.2071",
        "CYLINDER,10,2.1795,1.5677",
        "SPHERE,0.1,0.5423,1.0298",
        "SPHERE,1,1.5708,1.2732",
        "SPHERE,10,2.8363,1.9249"
    })
    void tabledRootsAndCoefficients(Body body, double biot, double root, double coefficient) {
        Roots roots = new Roots(body, biot);
        double fourier = 5;
        assertThat(StrictMath.sqrt(roots.slowest())).isCloseTo(root, within(1.5e-4));
        assertThat(roots.centre(fourier) * StrictMath.exp(roots.slowest() * fourier))
                .isCloseTo(coefficient, within(1.5e-4));
    }

    /** Every series begins at 1 and never rises; 64 roots are found from a lumped to a fixed surface. */
    @ParameterizedTest
    @ValueSource(doubles = {1e-4, 0.01, 0.3, 1, 7, 40, 1000, 1e5, 1e12})
    void theCentreOnlyEverWarms(double biot) {
        for (Body body : List.of(Body.SLAB, Body.CYLINDER, Body.SPHERE)) {
            Roots roots = new Roots(body, biot);
            assertThat(roots.centre(0.003)).isCloseTo(1, within(1e-9));
            double last = 1;
            for (double fourier = 0.005; fourier < 3; fourier *= 1.2) {
                double now = roots.centre(fourier);
                assertThat(now).isBetween(0.0, last + 1e-12);
                last = now;
            }
        }
    }

    /** A lumped body of small Bi follows exp(-h A t / (rho c V)), Incropera and DeWitt eq. 5.6. */
    @Test
    void aThinSlabIsLumped() {
        CoreProblem thin = Records.with(problem("slab", 5, 98, 60, 1), "surfaceWPerM2K", 2.0);
        double lumped = Math.log(93.0 / 38) * 1050 * 3500 * 0.0005 / 2.0;
        assertThat(CoreTime.of(thin).seconds()).isCloseTo(lumped, within(0.003 * lumped));
    }

    @ParameterizedTest
    @CsvSource({"slab,4", "slab,20", "cylinder,16", "sphere,28"})
    void finiteVolumesAgreeWithTheSeries(String shape, double mm) {
        for (double target : new double[] {40, 60, 74, 90}) {
            CoreProblem problem = problem(shape, 5, 98, target, mm);
            double series = CoreTime.of(problem).seconds();
            double volumes = Thawing.of(problem).seconds(target);
            assertThat(volumes).as(shape + " to " + target).isCloseTo(series, within(0.01 * series));
        }
    }

    /**
     * In broth that cools after a drop and recovers: later than in steady broth, sooner than in broth that stays cool;
     * and a lumped slab follows dT/dt = h (Tb(t) - T) / (rho c a), stepped finely here.
     */
    @Test
    void theBrothMayChangeItsTemperature() {
        CoreProblem ball = problem("sphere", 5, 98, 70, 18);
        DoubleUnaryOperator dip = second -> 98 - 13 * Math.exp(-second / 60);
        double steady = Thawing.of(ball, second -> 98).seconds(70);
        double cool = Thawing.of(ball, second -> 85).seconds(70);
        assertThat(Thawing.of(ball, dip).seconds(70)).isBetween(steady + 1, cool - 1);

        CoreProblem lump = Records.with(problem("slab", 5, 98, 60, 8), "surfaceWPerM2K", 2.0);
        DoubleUnaryOperator slow = second -> 98 - 30 * Math.exp(-second / 3000);
        double celsius = 5;
        double lumped = 0;
        while (celsius < 60) {
            celsius += 0.1 * 2.0 * (slow.applyAsDouble(lumped) - celsius) / (1050 * 3500 * 0.004);
            lumped += 0.1;
        }
        assertThat(Thawing.of(lump, slow).seconds(60)).isCloseTo(lumped, within(0.01 * lumped));
    }

    /**
     * Plank's equation, t = rho L / (Tb - Tf) (a / (2 h) + a2 / (8 k)) for a slab, at Stefan number 0.03 from the
     * freezing point. Over the sphere's diameter the divisors are 6 and 24.
     */
    @ParameterizedTest
    @CsvSource({"slab,2,8", "cylinder,4,16", "sphere,6,24"})
    void thawingFollowsPlank(String shape, double convection, double conduction) {
        Material same = new Material(0.48, 1050.0, 3500.0, 0.75, -1.5, 0.48, 3500.0);
        double above = 0.03 * 334_000 * 0.75 / 3500;
        double a = 0.02;
        CoreProblem problem = new CoreProblem(shape, List.of(20.0), -1.5001, -1.5 + above, -1.45, 200.0, same);
        double plank = 1050 * 334_000 * 0.75 / above * (a / (convection * 200) + a * a / (conduction * 0.48));
        CoreTime time = CoreTime.of(problem);

        assertThat(time.method()).isEqualTo("enthalpy");
        assertThat(time.seconds()).isCloseTo(plank, within(0.03 * plank));
    }

    /** Longer when thicker, colder, hotter at the target or in a cooler broth; frozen longer than chilled. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void moreToHeatTakesLonger(long seed) {
        Random random = new Random(seed);
        double mm = 2 + 20 * random.nextDouble();
        double start = 2 + 10 * random.nextDouble();
        double target = 50 + 30 * random.nextDouble();
        String shape = List.of("slab", "cylinder", "sphere").get(random.nextInt(3));
        double time = CoreTime.of(problem(shape, start, 98, target, mm)).seconds();

        assertThat(CoreTime.of(problem(shape, start, 98, target, mm * 1.1)).seconds())
                .isGreaterThan(time);
        assertThat(CoreTime.of(problem(shape, start - 1, 98, target, mm)).seconds())
                .isGreaterThan(time);
        assertThat(CoreTime.of(problem(shape, start, 98, target + 1, mm)).seconds())
                .isGreaterThan(time);
        assertThat(CoreTime.of(problem(shape, start, 97, target, mm)).seconds()).isGreaterThan(time);
        assertThat(CoreTime.of(problem(shape, -18, 98, target, mm)).seconds()).isGreaterThan(time);
    }

    @Test
    void theEndsOfTheRange() {
        assertThat(CoreTime.of(problem("slab", 5, 98, 5, 2)).seconds()).isZero();
        assertThat(CoreTime.of(problem("slab", -18, 98, -20, 2))).isEqualTo(new CoreTime(0, "enthalpy"));
        assertThatThrownBy(() -> CoreTime.of(problem("slab", 5, 98, 98, 2)))
                .isInstanceOf(UnsolvableException.class)
                .hasMessageContaining("never reaches");
        assertThatThrownBy(() -> CoreTime.of(problem("brick", -18, 98, 60, 20, 20, 20)))
                .isInstanceOf(UnsolvableException.class);
        assertThatThrownBy(() -> problem("slab", 5, 5, 60, 2)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> problem("brick", 5, 98, 60, 2)).hasMessageContaining("[a, b, c]");
        assertThatThrownBy(() -> problem("egg", 5, 98, 60, 2)).hasMessageContaining("shortCylinder");
    }

    /** A wool-wrapped block in lukewarm water and a broth a hair above the target end in words, not in a loop. */
    @Test
    void hopelessCasesEnd() {
        assertThatThrownBy(() -> CoreTime.of(Records.with(problem("sphere", 5, 98, 90, 200), "surfaceWPerM2K", 0.01)))
                .isInstanceOf(UnsolvableException.class)
                .hasMessageContaining("48 h");
        assertThatThrownBy(() -> CoreTime.of(Records.with(problem("sphere", -18, 98, 90, 200), "surfaceWPerM2K", 0.01)))
                .isInstanceOf(UnsolvableException.class)
                .hasMessageContaining("does not cook through");
    }
}
