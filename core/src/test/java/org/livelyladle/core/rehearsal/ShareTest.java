package org.livelyladle.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShareTest {
    /** Newcombe, Statistics in Medicine 17 (1998), 857-872, table I, method 3. */
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "0, 20, 0, 0.1611", "1, 29, 0.0061, 0.1718"})
    void theIntervalIsThePublishedOne(int times, int of, double least, double most) {
        Share share = Share.of(times, of);

        assertThat(share.least()).isCloseTo(least, within(5e-5));
        assertThat(share.most()).isCloseTo(most, within(5e-5));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "0; 1000; in none of 1000 evenings",
                "1; 1000; in fewer than one evening of a hundred",
                "125; 1000; in one evening of 8",
                "500; 1000; in one evening of 2",
                "667; 1000; in 2 evenings of 3",
                "900; 1000; in 9 evenings of 10",
                "990; 1000; in nearly every evening",
                "1000; 1000; in every evening"
            })
    void itIsSaidAsAHostSaysIt(int times, int of, String text) {
        assertThat(Share.of(times, of).text()).isEqualTo(text);
    }

    @Test
    void nothingIsKnownBeforeTheFirstEvening() {
        assertThat(Share.of(0, 0)).isEqualTo(new Share(0, 0, 0, 0, 1));
    }
}
