package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.audit.CoreGrid;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.heat.CoreProblem;
import org.livelyladle.core.heat.CoreTime;
import org.livelyladle.core.heat.Material;

/** Cores in broth that warms and cools, against the explicit grid gone through step by step, and against the series. */
class CoresTest {
    private static final int SECONDS = 2400;

    private static Cut cut(String id) {
        return Catalogue.builtIn().cut(id);
    }

    /** Broth that wanders between 78 and 100 °C. */
    private static float[] history(long seed) {
        Random random = new Random(seed);
        float[] history = new float[SECONDS];
        double celsius = 85 + 14 * random.nextDouble();
        double drift = 0;
        for (int second = 0; second < SECONDS; second++) {
            drift = 0.98 * drift + 0.03 * random.nextGaussian();
            celsius = Math.max(78, Math.min(100, celsius + drift));
            history[second] = (float) celsius;
        }
        return history;
    }

    private static double reached(Cores.Core core, float[] history) {
        int second = 1;
        while (!core.isReached(history, 0, second)) {
            second++;
        }
        return second;
    }

    @Test
    void thawedFoodIsSafeWhenTheGridSaysSo() {
        for (String id :
                List.of("beef-ribeye.sliced", "chicken-thigh.sliced", "prawn.peeled", "pork-dumpling.frozen")) {
            Cut cut = cut(id);
            for (long seed = 0; seed < 5; seed++) {
                float[] history = history(seed);
                double told = reached(new Cores().core(cut, 1, 5, 73), history);
                double grid = CoreGrid.of(cut, 1).seconds(5, second -> history[(int) second], 73);

                assertThat(told).as(id + " " + seed).isCloseTo(grid, within(1 + 0.01 * grid));
            }
        }
    }

    /** Ice makes it no sum of steps any more: in doubt the grid itself is asked. */
    @Test
    void frozenFoodIsSafeWhenTheGridSaysSo() {
        for (String id : List.of("fish-ball.frozen", "pork-dumpling.frozen", "beef-tendon-ball.frozen")) {
            Cut cut = cut(id);
            for (long seed = 0; seed < 3; seed++) {
                float[] history = history(seed);
                double told = reached(new Cores().core(cut, 1, -18, 73), history);
                double grid = CoreGrid.of(cut, 1).seconds(-18, second -> history[(int) second], 73);

                assertThat(told).as(id + " " + seed).isCloseTo(grid, within(1.5));
            }
        }
    }

    /** A slab in even broth against the series of its conduction (Carslaw and Jaeger, 3.11). */
    @Test
    void evenBrothAgreesWithTheSeries() {
        Cut cut = cut("chicken-thigh.sliced");
        double mm = cut.dimensionsMm().get(0) * (cut.byHand() ? 1.5 : 1);
        CoreProblem problem = new CoreProblem("slab", List.of(mm), 5.0, 95.0, 73.0, 1500.0, Material.lean());
        float[] even = new float[SECONDS];
        java.util.Arrays.fill(even, 95);

        double told = reached(new Cores().core(cut, 1, 5, 73), even);

        assertThat(told).isCloseTo(CoreTime.of(problem).seconds(), within(1 + 0.02 * told));
    }
}
