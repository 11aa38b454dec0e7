package org.livelyladle.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.livelyladle.core.measure.LargestRemainder.Claim.FIRST;
import static org.livelyladle.core.measure.LargestRemainder.Claim.NONE;
import static org.livelyladle.core.measure.LargestRemainder.Claim.SETTLED;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.measure.LargestRemainder.Claim;

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
        double all = Arrays.stream(populations).sum();
        assertThat(LargestRemainder.share(Arrays.stream(populations)
                        .map(people -> people * 120 / all)
                        .toArray()))
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
    void whoHasAFirstClaimGetsAPieceOfWhoHasMostBeyondTheQuota() {
        double[] quotas = {0.3, 2.9, 3.4, 0.45};
        double[] nothing = new double[4];

        assertThat(LargestRemainder.share(quotas, nothing)).containsExactly(0, 3, 3, 1);
        assertThat(LargestRemainder.share(quotas, nothing, new Claim[] {FIRST, NONE, NONE, NONE}))
                .containsExactly(1, 2, 3, 1);
        assertThat(LargestRemainder.share(quotas, nothing, new Claim[] {FIRST, SETTLED, NONE, NONE}))
                .containsExactly(1, 3, 2, 1);
    }

    @Test
    void nobodyGivesTheOnlyPieceAndNoneIsMadeUp() {
        double[] quotas = {0.3, 0.8, 0.9};

        assertThat(LargestRemainder.share(quotas, new double[3], new Claim[] {FIRST, FIRST, FIRST}))
                .containsExactly(0, 1, 1);
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
