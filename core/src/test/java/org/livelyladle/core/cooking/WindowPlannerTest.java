package org.livelyladle.core.cooking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.measure.Ledger;

class WindowPlannerTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();

    private static Map<String, CookingWindow> windows(Brief brief) {
        return new WindowPlanner(CATALOGUE, new Ledger()).plan(brief);
    }

    @Test
    void readyIsNeverBeforeSafeForAnyCut() {
        Brief all = Records.with(
                Briefs.plain().build(),
                "menu",
                CATALOGUE.cuts().stream()
                        .map(cut -> new MenuItem(cut.id(), false))
                        .toList());

        assertThat(windows(all)).hasSize(CATALOGUE.cuts().size());
        windows(all).values().forEach(window -> {
            assertThat(window.readySeconds())
                    .isGreaterThanOrEqualTo((int) window.safe().value());
            assertThat(window.bestUntilSeconds()).isGreaterThanOrEqualTo(window.readySeconds());
            assertThat(window.overcookedSeconds()).isGreaterThan(window.bestUntilSeconds());
        });
    }

    @Test
    void aSliceNotYetSafeWaitsThoughItWouldBePleasant() {
        CookingWindow beef = windows(Briefs.plain().build()).get("beef-ribeye.sliced");

        assertThat(beef.pleasant().value()).isLessThan(beef.safe().value());
        assertThat(beef.ready().value()).isEqualTo(beef.safe().value());
    }

    @Test
    void fromTheFreezerEverythingIsLater() {
        Brief plain = Briefs.plain().build();
        CookingWindow chilled = windows(plain).get("prawn.peeled");
        CookingWindow frozen = windows(Records.with(plain, "menu", List.of(new MenuItem("prawn.peeled", true))))
                .get("prawn.peeled");
        int later = frozen.readySeconds() - chilled.readySeconds();

        assertThat(later).isPositive();
        assertThat(frozen.bestUntilSeconds()).isEqualTo(chilled.bestUntilSeconds() + later);
        assertThat(frozen.overcookedSeconds()).isEqualTo(chilled.overcookedSeconds() + later);
    }

    @Test
    void rawCutsCarryTheirTemperature() {
        windows(Briefs.plain().build()).values().forEach(window -> {
            Cut cut = CATALOGUE.cut(window.cut());
            assertThat(window.advice().isEmpty()).isEqualTo(cut.rawRisk() == RawRisk.NONE);
        });
    }
}
