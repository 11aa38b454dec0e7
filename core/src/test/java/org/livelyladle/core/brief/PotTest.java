package org.livelyladle.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.catalogue.Catalogue;

class PotTest {
    private static final Pot POT = Briefs.pot("pot", 6000, "kelp-shiitake");

    /** A round pot of 290 mm and 91 mm holds pi/4 x 2.9 x 2.9 x 0.91 = 6.01 l. */
    @Test
    void litresFollowFromTheRuler() {
        Pot measured = Records.with(POT, "size", new PotSize(290, null, 91));

        assertThat(measured.capacityMl()).isEqualTo(6011);
        assertThat(measured.areaM2() * measured.depthM() * 1e6).isCloseTo(6011, within(1.0));
        assertThat(measured.acrossMm()).isEqualTo(290);
    }

    @Test
    void anOvalIsAsWideAsItsLongerSide() {
        Pot oval = Records.with(POT, "size", new PotSize(240, 340.0, 80));

        assertThat(oval.acrossMm()).isEqualTo(340);
        assertThat(oval.capacityMl()).isEqualTo((int) Math.round(Math.PI / 4 * 2.4 * 3.4 * 0.8 * 1000));
    }

    /** Nobody has measured it: six litres are 90 mm deep, larger ones deeper and wider alike. */
    @Test
    void anUnmeasuredPotHasAUsualShape() {
        Pot large = Briefs.pot("large", 12_000, "kelp-shiitake");

        assertThat(POT.depthM()).isCloseTo(0.09, within(1e-9));
        assertThat(POT.areaM2() * POT.depthM()).isCloseTo(0.006, within(1e-9));
        assertThat(large.depthM() / POT.depthM()).isCloseTo(Math.cbrt(2), within(1e-9));
        assertThat(large.outsideM2() / POT.outsideM2()).isCloseTo(Math.cbrt(4), within(1e-9));
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new PotSize(20, null, 80)).hasMessageContaining("acrossMm");
        assertThatThrownBy(() -> new Pot(
                        "vat",
                        "Vat",
                        1000,
                        50,
                        4,
                        POT.sides(),
                        PotKind.POT,
                        new PotSize(600, 800.0, 300),
                        HeatSource.USUAL,
                        null,
                        null,
                        Boil.SIMMER))
                .hasMessageContaining("capacityMl");
        assertThatThrownBy(() -> HeatSource.of(HeatSource.Kind.BUTANE, 50, null, null))
                .hasMessageContaining("watts");
        assertThatThrownBy(() -> new SaltBand(1.0, 0.8)).hasMessageContaining("highPercent");
    }

    @Test
    void aPotRefersToWhatThePartyHas() {
        Briefs briefs = Briefs.plain();
        briefs.pots.set(0, Records.with(briefs.pots.get(0), "reachedBy", List.of("ann", "zoe")));
        assertThatThrownBy(() -> BriefCheck.check(briefs.build(), Catalogue.builtIn()))
                .hasMessageContaining("pots[0].reachedBy");

        Briefs wired = Briefs.plain();
        wired.pots.set(
                0,
                Records.with(wired.pots.get(0), "heat", HeatSource.of(HeatSource.Kind.INDUCTION, 1800, "wall", null)));
        assertThatThrownBy(() -> BriefCheck.check(wired.build(), Catalogue.builtIn()))
                .hasMessageContaining("pots[0].heat.circuit");
    }

    /** Out of reach is a side closed: what only one pot may hold is then not served to that guest. */
    @Test
    void whoDoesNotReachAPotDoesNotEatFromIt() {
        Briefs briefs = Briefs.plain();
        briefs.pots.add(Records.with(Briefs.pot("far", 3000, "kelp-shiitake"), "reachedBy", List.of("ben")));
        var plan = Briefs.PLANNER
                .plan(briefs.build(), org.livelyladle.core.facts.Facts.none(), Briefs.NOW)
                .plan();

        assertThat(plan.table().sides())
                .filteredOn(use -> use.side().equals("far-1"))
                .singleElement()
                .satisfies(use -> assertThat(use.closedTo())
                        .anyMatch(closed ->
                                closed.guest().equals("ann") && closed.reason().equals("out of reach")));
        assertThat(plan.table().drops())
                .filteredOn(drop -> drop.side().equals("far-1"))
                .allMatch(drop ->
                        drop.servings().allMatch(serving -> serving.guest().equals("ben")));
    }
}
