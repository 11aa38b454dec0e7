package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.table.Stay;

class ColdLoadTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final Windows WINDOWS = TestWindows.of(Briefs.plain().build());
    private static final double LIMIT = 0.85 * 200;
    private final ColdLoad load = new ColdLoad(200, 30);

    private static Placing placing(String cutId, double grams, int pieces, int putIn) {
        Cut cut = CATALOGUE.cut(cutId);
        Side side = Side.of("pot-1", "kelp-shiitake");
        Batch batch = new Batch(
                cut,
                cutId,
                side,
                side,
                1,
                List.of(new Stay.Serving("ann", grams, pieces)),
                WINDOWS.of(cutId),
                new OrderOfEating.Place(0, 1),
                0,
                7200,
                false);
        Placing placing = new Placing(batch, 0, false, Map.of("ann", 0));
        placing.putIn = putIn;
        return placing;
    }

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
                ? placing("beef-ribeye.sliced", 60, 2 + random.nextInt(4), putIn)
                : placing("tofu-firm.cubes", 20 + random.nextInt(120), 0, putIn);
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
            assertThat(load.isTooMuchWith(candidate, putIn)).as("put-in " + i).isEqualTo(tooMuch);
            refused += tooMuch ? 1 : 0;
            if (!tooMuch) {
                inside.add(candidate);
                load.set(inside);
            }
        }
        assertThat(refused).isBetween(1, 59);
    }

    @Test
    void aWeakHeatNeverMakesUpForAnything() {
        ColdLoad weak = new ColdLoad(200, 0);
        weak.set(List.of(placing("tofu-firm.cubes", 100, 0, 0)));

        assertThat(weak.isTooMuchWith(placing("tofu-firm.cubes", 100, 0, 0), 7000))
                .isTrue();
        assertThat(weak.isTooMuchWith(placing("tofu-firm.cubes", 60, 0, 0), 7000))
                .isFalse();
    }
}
