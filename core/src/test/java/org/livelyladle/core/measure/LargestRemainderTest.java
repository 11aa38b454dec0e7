package org.livelyladle.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LargestRemainderTest {
    /**
     * The first apportionment of the United States House of Representatives, census of 1790, 105 seats by Hamilton's
     * method: Balinski and Young, Fair Representation, 2nd ed., table 3.1 (populations and seats from memory of it).
     */
    @Test
    void hamiltonsBillOf1792() {
        double[] populations = {
            630560, 475327, 432879, 353523, 331589, 278514, 236841, 206236, 179570, 141822, 85533, 70835, 68705, 68446,
            55540
        };

        // Hamilton's bill gave 120 seats: Virginia 21, ..., Delaware 2.
        assertThat(LargestRemainder.share(populations, 120))
                .containsExactly(21, 16, 14, 12, 11, 9, 8, 7, 6, 5, 3, 2, 2, 2, 2);
    }

    @Test
    void equalRemaindersGoToTheEarlierPlace() {
        assertThat(LargestRemainder.share(new double[] {1.5, 1.5})).containsExactly(2, 1);
    }

    @Test
    void nothingToShareGivesNothing() {
        assertThat(LargestRemainder.share(new double[] {0, 0})).containsExactly(0, 0);
    }

    @Test
    void everyPieceIsGivenAndNobodyIsMoreThanOneOff() {
        Random random = new Random(7);
        for (int round = 0; round < 500; round++) {
            double[] quotas = random.doubles(1 + random.nextInt(12), 0, 9).toArray();
            int[] whole = LargestRemainder.share(quotas);
            double sum = Arrays.stream(quotas).sum();

            assertThat(Arrays.stream(whole).sum()).isEqualTo((int) Math.round(sum));
            for (int i = 0; i < whole.length; i++) {
                assertThat(Math.abs(whole[i] - quotas[i])).isLessThan(1.5);
            }
        }
    }
}
