package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;

class WindowPlannerTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final Brief PLAIN = Briefs.plain().build();

    private static Brief serving(MenuItem item) {
        return Records.with(PLAIN, "menu", List.of(item));
    }

    @Test
    void aSliceNotYetSafeWaitsThoughItWouldBePleasant() {
        CookingWindow beef = TestWindows.of(PLAIN).of("beef-ribeye.sliced");

        assertThat(beef.pleasant().value()).isLessThan(beef.safe().value());
        assertThat(beef.ready().value()).isEqualTo(beef.safe().value());
    }

    @Test
    void fromTheFreezerEverythingIsLater() {
        CookingWindow chilled = TestWindows.of(PLAIN).of("prawn.peeled");
        CookingWindow frozen =
                TestWindows.of(serving(MenuItem.of("prawn.peeled", true, 100))).of("prawn.peeled");

        assertThat(frozen.readySeconds()).isGreaterThan(chilled.readySeconds() + 30);
        assertThat(frozen.bestUntilSeconds()).isGreaterThan(chilled.bestUntilSeconds() + 30);
        assertThat(frozen.overcookedSeconds()).isGreaterThan(chilled.overcookedSeconds());
    }

    @Test
    void thickerSlicesTakeLonger() {
        CookingWindow thin = TestWindows.of(serving(MenuItem.of("pork-belly.sliced", false, 75)))
                .of("pork-belly.sliced");
        CookingWindow thick = TestWindows.of(serving(MenuItem.of("pork-belly.sliced", false, 200)))
                .of("pork-belly.sliced");

        assertThat(thick.readySeconds()).isGreaterThan(2 * thin.readySeconds());
        assertThat(thin.readySeconds()).as("what the trade takes as the least").isGreaterThanOrEqualTo(10);
    }

    /** Saltier broth boils hotter by well under half a kelvin: such sides share a window; a mountain hut does not. */
    @Test
    void sidesAlikeShareTheirWindow() {
        assertThat(TestWindows.of(PLAIN).all())
                .hasSize(PLAIN.menu().size())
                .allSatisfy(window -> assertThat(window.sides()).containsExactly("pot-1", "pot-2"));

        Briefs high = Briefs.plain();
        high.altitudeM = 2500;
        CookingWindow low = TestWindows.of(PLAIN).of("carrot.sliced");
        CookingWindow hut = TestWindows.of(high.build()).of("carrot.sliced");
        assertThat(hut.readySeconds()).isGreaterThan(2 * low.readySeconds());
    }

    @Test
    void pinkIsTheGuestsOwnTimeBeforeSafe() {
        Briefs briefs = Briefs.plain();
        briefs.guests.set(
                0,
                Records.with(
                        Briefs.guest("ann"),
                        "wishes",
                        List.of(new Wish("beef-ribeye.sliced", Liking.LOVE, Doneness.PINK, false))));
        Windows windows = TestWindows.of(briefs.build());

        assertThat(windows.pinkSeconds(Catalogue.builtIn().cut("beef-ribeye.sliced"), ""))
                .isBetween(1, windows.of("beef-ribeye.sliced").readySeconds() - 1);
    }

    @Test
    void rawCutsCarryTheirTemperature() {
        TestWindows.of(PLAIN).all().forEach(window -> {
            Cut cut = CATALOGUE.cut(window.cut());
            assertThat(window.advice().isEmpty()).isEqualTo(cut.rawRisk() == RawRisk.NONE);
        });
    }
}
