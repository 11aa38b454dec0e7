package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DiceTest {
    private static final int MANY = 20_000;
    /** A Kolmogorov distance of evenly spread numbers is over this once in a hundred thousand times. */
    private static final double FAR = 2.5 / Math.sqrt(MANY);

    private static double[] sorted(java.util.function.IntToDoubleFunction draw) {
        return IntStream.range(0, MANY).mapToDouble(draw).sorted().toArray();
    }

    private static double distance(double[] sorted) {
        double most = 0;
        for (int i = 0; i < sorted.length; i++) {
            most = Math.max(most, Math.max(sorted[i] - (double) i / MANY, (i + 1.0) / MANY - sorted[i]));
        }
        return most;
    }

    @Test
    void numbersAreEvenOverEveningsAndOverThings() {
        Dice dice = new Dice();
        long key = Dice.key("drop");

        assertThat(distance(sorted(evening -> {
                    dice.roll(7, evening);
                    return dice.uniform(Dice.For.TAKEN_OUT, key);
                })))
                .isLessThan(FAR);
        dice.roll(7, 1);
        assertThat(distance(sorted(thing -> dice.uniform(Dice.For.LET_GO, Dice.key("drop/" + thing)))))
                .isLessThan(FAR);
    }

    @Test
    void delaysHaveTheirMedianAndTheirSkew() {
        Dice dice = new Dice();
        long key = Dice.key("drop");
        double[] delays = sorted(evening -> {
            dice.roll(3, evening);
            return dice.late(10, Dice.For.TAKEN_OUT, key);
        });

        assertThat(delays[MANY / 2]).isCloseTo(10, within(0.3));
        assertThat(delays[MANY * 19 / 20]).isCloseTo(10 * Math.exp(1.6449 * Dice.SPREAD), within(1.5));
    }

    @Test
    void spellsHaveTheirMean() {
        Dice dice = new Dice();
        double mean = Arrays.stream(sorted(evening -> {
                    dice.roll(11, evening);
                    return dice.exponential(180, Dice.For.AWAY, 5);
                }))
                .average()
                .orElseThrow();

        assertThat(mean).isCloseTo(180, within(6.0));
    }

    /** What two plans have in common is disturbed alike in both; nothing else is. */
    @Test
    void aNumberFollowsFromWhatItIsForAndNothingElse() {
        Dice dice = new Dice();
        dice.roll(7, 4);
        double once = dice.uniform(Dice.For.PUT_IN, Dice.key("a"));
        dice.uniform(Dice.For.PUT_IN, Dice.key("b"));

        assertThat(dice.uniform(Dice.For.PUT_IN, Dice.key("a"))).isEqualTo(once);
        assertThat(dice.uniform(Dice.For.TAKEN_OUT, Dice.key("a"))).isNotEqualTo(once);
    }
}
