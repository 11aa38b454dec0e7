package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.audit.CoreGrid;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.check.InvalidInputException;

class BenchWindowTest {
    private static final WindowModel MODEL = new WindowModel();

    private static BenchWindow of(String cut, Shape shape, List<Double> sizes, Double startC, double brothC) {
        return BenchWindow.of(new BenchProblem(cut, shape, sizes, startC, brothC), Catalogue.builtIn(), MODEL);
    }

    /** The drawn core passes the pleasant and the safe temperature at the seconds told, and starts where it starts. */
    @ParameterizedTest
    @CsvSource({
        "prawn.peeled,5",
        "prawn.peeled,-18",
        "fish-ball.frozen,-18",
        "scallop.whole,5",
        "pork-dumpling.frozen,-18"
    })
    void theCourseGoesThroughTheTimesTold(String cut, double startC) {
        BenchWindow window = of(cut, null, null, startC, 98);
        List<BenchWindow.Point> points = window.points();

        assertThat(points.get(0).centreC()).isCloseTo(startC, within(0.5));
        for (int i = 1; i < points.size(); i++) {
            assertThat(points.get(i).centreC())
                    .isGreaterThanOrEqualTo(points.get(i - 1).centreC() - 1e-6);
            assertThat(points.get(i).spent())
                    .isGreaterThanOrEqualTo(points.get(i - 1).spent());
            if (points.get(i).second() < window.safe() - 1) {
                assertThat(points.get(i).centreC()).isLessThan(window.safeCoreC());
            }
            if (points.get(i - 1).second() > window.overcooked() + 1) {
                assertThat(points.get(i).spent()).isGreaterThan(2.8);
            }
        }
    }

    /** Softer roots in hotter broth, thinner ones sooner; they have no core to draw but a course of their best. */
    @Test
    void whatSoftensIsScaled() {
        BenchWindow thick = of("carrot.sliced", null, List.of(12.0), null, 98);
        BenchWindow thin = of("carrot.sliced", null, List.of(6.0), null, 98);
        BenchWindow cooler = of("carrot.sliced", null, null, null, 88);

        assertThat((double) thick.ready() / thin.ready()).isCloseTo(Math.pow(2, 1.5), within(0.01));
        assertThat((double) cooler.ready() / thin.ready()).isCloseTo(Math.sqrt(10), within(0.01));
        assertThat(thin.points().get(120).spent()).isGreaterThan(3);
        assertThat(thin.safeCoreC()).isNull();
    }

    /** A ball as wide as a slab is thick heats three times as fast or more. */
    @Test
    void theShapeMatters() {
        BenchWindow slab = of("prawn.peeled", Shape.SLAB, List.of(14.0), null, 98);
        BenchWindow ball = of("prawn.peeled", Shape.SPHERE, List.of(14.0), null, 98);

        assertThat(slab.ready()).isGreaterThan(2 * ball.ready());
    }

    @ParameterizedTest
    @ValueSource(strings = {"SLAB", "BRICK", "LEAF"})
    void aShapeWithoutItsSizesIsRefused(Shape shape) {
        assertThatThrownBy(() -> of("pork-dumpling.frozen", shape, List.of(20.0, 20.0), null, 98))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("sizes for " + shape);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> of("dragon.sliced", null, null, null, 98))
                .hasMessageContaining("a cut of the catalogue");
        assertThatThrownBy(() -> of("prawn.peeled", null, null, null, 40)).hasMessageContaining("brothC");
        assertThatThrownBy(() -> of("prawn.peeled", null, List.of(0.0), null, 98))
                .hasMessageContaining("sizesMm[0]");
    }

    /** The thinnest and the thickest of every shape, thawed and deep-frozen, in the coolest broth that makes it safe. */
    @ParameterizedTest
    @CsvSource({"SLAB,1", "CYLINDER,1", "SPHERE,1", "SHORT_CYLINDER,2", "BRICK,3", "HEMISPHERE,1"})
    void everythingWithinItsLimitsIsAnswered(Shape shape, int sizes) {
        for (double mm : new double[] {0.5, 1, 150}) {
            for (double start : new double[] {-30, 5}) {
                BenchWindow window =
                        of("beef-ribeye.sliced", shape, Collections.nCopies(sizes, mm), start, mm > 100 ? 98 : 80);

                assertThat(window.ready()).isGreaterThanOrEqualTo(window.safe());
                assertThat(window.points())
                        .allSatisfy(point -> assertThat(point.centreC()).isBetween(-30.01, 98.01));
            }
        }
    }

    /** In broth of 75 °C a dumpling needs a quarter of an hour and more to 74 °C; in broth no hotter than that, for ever. */
    @Test
    void safeIsSafeHoweverCoolTheBroth() {
        BenchProblem dumpling = new BenchProblem("pork-dumpling.frozen", null, null, null, 75.0);
        BenchWindow window = BenchWindow.of(dumpling, Catalogue.builtIn(), new WindowModel());
        double reference =
                CoreGrid.of(Catalogue.builtIn().cut("pork-dumpling.frozen"), 1).seconds(-18, second -> 75, 74);

        assertThat((double) window.safe())
                .isGreaterThanOrEqualTo(reference * 0.995)
                .isGreaterThan(756);
    }
}
