package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.catalogue.Catalogue;

class ColdLoadTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final double LIMIT = 0.85 * 200;
    private final ColdLoad load = new ColdLoad(200, 30);

    /** The same rule, walked through second by second. */
    private static boolean isTooMuchSlowly(List<Placing> all) {
        double cold = 0;
        for (int second = -2000; second < 8000; second++) {
            cold = Math.max(0, cold - 0.5);
            for (Placing placing : all) {
                int since = second - placing.putIn;
                boolean dip = placing.byHand
                        && since >= 0
                        && since % placing.every == 0
                        && since / placing.every < placing.repeats;
                cold += dip || !placing.byHand && since == 0 ? placing.coldGrams : 0;
            }
            if (cold > LIMIT + 1e-6) {
                return true;
            }
        }
        return false;
    }

    private static Placing random(Random random, int putIn) {
        return random.nextInt(3) == 0
                ? Placings.of("beef-ribeye.sliced", 60, 2 + random.nextInt(4), putIn)
                : Placings.of("tofu-firm.cubes", 20 + random.nextInt(120), 0, putIn);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void itAgreesWithAWalkThroughTheSeconds(long seed) {
        Random random = new Random(seed);
        List<Placing> inside = new ArrayList<>();
        int refused = 0;
        for (int i = 0; i < 60; i++) {
            int putIn = 5 * random.nextInt(400) - 300;
            Placing candidate = random(random, putIn);
            List<Placing> with = new ArrayList<>(inside);
            with.add(candidate);
            boolean tooMuch = isTooMuchSlowly(with);
            assertThat(load.mostWith(candidate, putIn) > LIMIT + 1e-6)
                    .as("put-in " + i)
                    .isEqualTo(tooMuch);
            refused += tooMuch ? 1 : 0;
            if (!tooMuch) {
                inside.add(candidate);
                load.set(inside);
                load.reckon(null);
            }
        }
        assertThat(refused).isBetween(1, 59);
    }

    @Test
    void aWeakHeatNeverMakesUpForAnything() {
        ColdLoad weak = new ColdLoad(200, 0);
        weak.set(List.of(Placings.of("tofu-firm.cubes", 100, 0, 0)));
        weak.reckon(null);

        assertThat(weak.mostWith(Placings.of("tofu-firm.cubes", 100, 0, 0), 7000))
                .isEqualTo(200);
        assertThat(weak.mostWith(Placings.of("tofu-firm.cubes", 60, 0, 0), 7000))
                .isEqualTo(160);
    }
}
