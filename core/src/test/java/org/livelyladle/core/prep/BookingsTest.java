package org.livelyladle.core.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Free places against a search minute by minute. */
class BookingsTest {
    private static final int LONGEST = 400;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theFirstFreePlaceIsTheOneAMinutelySearchFinds(long seed) {
        Random random = new Random(seed);
        Bookings bookings = new Bookings();
        boolean[] taken = new boolean[2 * LONGEST];
        for (int i = 0; i < 25; i++) {
            int from = random.nextInt(LONGEST);
            int to = from + random.nextInt(20);
            bookings.book(from, to);
            java.util.Arrays.fill(taken, from, to, true);
        }
        for (int from = 0; from < LONGEST; from += 7) {
            int length = random.nextInt(30);
            assertThat(bookings.earliest(from, length)).isEqualTo(first(taken, from, length));
        }
    }

    private static int first(boolean[] taken, int from, int length) {
        for (int start = from; ; start++) {
            boolean free = true;
            for (int minute = start; minute < start + length; minute++) {
                free &= !taken[minute];
            }
            if (free) {
                return start;
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void litresNeverPassWhatThereIs(long seed) {
        Random random = new Random(seed);
        ColdRoom fridge = new ColdRoom(10);
        int[] used = new int[20 * LONGEST];
        for (int i = 0; i < 40; i++) {
            int litres = 1 + random.nextInt(12);
            int length = 1 + random.nextInt(60);
            int from = random.nextInt(LONGEST);
            int start = fridge.earliest(from, length, litres);
            assertThat(start).isGreaterThanOrEqualTo(from);
            fridge.book(start, start + length, litres);
            for (int minute = start; minute < start + length; minute++) {
                used[minute] += Math.min(litres, 10);
                assertThat(used[minute]).isLessThanOrEqualTo(10);
            }
        }
    }
}
