package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.check.UnsolvableException;
import org.livelyladle.core.heat.Simmer;

/** What evenings teach moves what is good to eat; safety and the end of a window stay where they are. */
class TaughtWindowTest {
    private static final WindowModel MODEL = new WindowModel();

    private static WindowModel.Computed window(Cut cut, double times) {
        return MODEL.window(Piece.of(cut, false, 1, times), Simmer.of(0, 0.9, false));
    }

    static Stream<Cut> cuts() {
        return Catalogue.builtIn().cuts().stream();
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void neverUnsafeAndNeverPastOvercooked(Cut cut) {
        Random random = new Random(cut.id().hashCode());
        WindowModel.Computed usual;
        try {
            usual = window(cut, 1);
        } catch (UnsolvableException e) {
            return;
        }
        for (int i = 0; i < 20; i++) {
            double times = Pace.LEAST + random.nextDouble() * (Pace.MOST - Pace.LEAST);
            WindowModel.Computed taught = window(cut, times);
            assertThat(taught.safe()).isEqualTo(usual.safe());
            assertThat(taught.ready()).isGreaterThanOrEqualTo(Math.max(usual.safe(), taught.pleasant()));
            assertThat(taught.overcooked()).isLessThanOrEqualTo(usual.overcooked());
            assertThat(taught.ready()).isLessThanOrEqualTo(taught.bestUntil());
            assertThat(taught.bestUntil()).isLessThan(taught.overcooked());
            assertThat(taught.ready()).isBetween(taught.early(), taught.late());
            if (times > 1) {
                assertThat(taught.ready()).isGreaterThanOrEqualTo(usual.ready());
            } else {
                assertThat(taught.ready()).isLessThanOrEqualTo(usual.ready());
            }
        }
    }

    @Test
    void carrotsThatTakeAFifthLongerAreReadyAFifthLater() {
        Cut carrots = Catalogue.builtIn().cut("carrot.sliced");
        assertThat(window(carrots, 1.2).pleasant())
                .isBetween(
                        (int) (window(carrots, 1).pleasant() * 1.2) - 1,
                        (int) (window(carrots, 1).pleasant() * 1.2) + 1);
    }
}
