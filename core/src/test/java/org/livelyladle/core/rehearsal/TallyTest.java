package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TallyTest {
    private static Tally of(int evenings) {
        Random random = new Random(5);
        Tally tally = new Tally();
        for (int evening = 0; evening < evenings; evening++) {
            Trouble trouble = Trouble.values()[random.nextInt(Trouble.values().length)];
            tally.add(List.of(new Happening(
                    trouble,
                    random.nextInt(3),
                    random.nextInt(4),
                    random.nextInt(2),
                    random.nextInt(5),
                    random.nextInt(1500))));
        }
        return tally;
    }

    /** What is kept grows with the table, not with how often it is played. */
    @Test
    void aHundredThousandEveningsAreKeptInAsLittleAsTenThousand() {
        Tally some = of(10_000);
        Tally many = of(100_000);

        assertThat(many.evenings()).isEqualTo(100_000);
        assertThat(many.whom()).hasSameSizeAs(some.whom());
        assertThat(many.moments()).hasSameSizeAs(some.moments());
    }

    /** A trouble counts once an evening, however often it came. */
    @Test
    void aTroubleCountsOnceAnEvening() {
        Happening one = new Happening(Trouble.DRY, -1, -1, 0, 1, 60);
        Tally tally = new Tally();
        tally.add(List.of(one, one, new Happening(Trouble.DRY, -1, -1, 1, 1, 900)));
        tally.add(List.of());

        assertThat(tally.of(Trouble.DRY)).isEqualTo(Share.of(1, 2));
        assertThat(tally.any()).isEqualTo(Share.of(1, 2));
        assertThat(tally.moments().values()).containsExactly(1, 1);
    }
}
