package org.livelyladle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SeriesPropertiesTest {
    /** Over shapes, sizes, surfaces and targets from barely warm to barely below the broth: the time told is the root. */
    @Test
    void theTimeToldIsWhenTheCurveReachesTheTarget() {
        Random random = new Random(4);
        for (int i = 0; i < 2000; i++) {
            Body body = Body.values()[random.nextInt(5)];
            int dimensions = body == Body.BRICK ? 3 : body == Body.SHORT_CYLINDER ? 2 : 1;
            List<Double> mm = random.doubles(dimensions, 0.2, 60).boxed().toList();
            double target = 5 + 93 * Math.min(0.999, Math.max(0.0005, random.nextDouble() * 1.2 - 0.1));
            double surface = Math.pow(10, 1 + 4 * random.nextDouble());
            CoreProblem problem = new CoreProblem(body.label(), mm, 5.0, 98.0, target, surface, Material.lean());
            double seconds = CoreTime.of(problem).seconds();
            double[] around = Series.of(problem).centres(problem, new double[] {seconds, seconds * 1.01 + 1e-6});

            assertThat(around[0]).as(problem.toString()).isCloseTo(target, within(1e-5));
            assertThat(around[1]).as(problem.toString()).isGreaterThan(target - 1e-6);
        }
    }
}
