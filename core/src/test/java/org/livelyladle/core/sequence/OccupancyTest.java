package org.livelyladle.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OccupancyTest {
    /** Against counting second by second, with all and with one left out; many of them meet at one second. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theMostIsWhatASlowCountFinds(long seed) {
        Random random = new Random(seed);
        List<Placing> all = new ArrayList<>();
        String[] cuts = {"beef-ribeye.sliced", "tofu-firm.cubes", "carrot.sliced", "spinach.leaves"};
        for (int i = 0; i < 20; i++) {
            Placing placing = Placings.of(cuts[random.nextInt(4)], 10 + random.nextInt(90), 1, 10 * random.nextInt(60));
            placing.linger = 5 * random.nextInt(20);
            all.add(placing);
        }
        Occupancy occupancy = new Occupancy();
        occupancy.set(all);

        for (int i = 0; i < 50; i++) {
            Placing leftOut = i % 2 == 0 ? null : all.get(random.nextInt(all.size()));
            occupancy.reckon(leftOut);
            int from = 5 * random.nextInt(150) - 50;
            int until = from + 5 + 5 * random.nextInt(60);
            double ml = 0;
            int baskets = 0;
            for (int second = from; second < until; second++) {
                int at = second;
                List<Placing> inside = all.stream()
                        .filter(p -> p != leftOut && p.putIn <= at && at < p.lastOut())
                        .toList();
                ml = Math.max(ml, inside.stream().mapToDouble(p -> p.volumeMl).sum());
                baskets = Math.max(
                        baskets, (int) inside.stream().filter(p -> !p.byHand).count());
            }
            assertThat(occupancy.mostMl(from, until)).isCloseTo(ml, within(1e-6));
            assertThat(occupancy.mostBaskets(from, until)).isEqualTo(baskets);
        }
    }
}
