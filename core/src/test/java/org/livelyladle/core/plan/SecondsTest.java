package org.livelyladle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.Stay;

/** A plate of beef held back for second helpings: bought and sliced with the rest, nobody's until somebody asks. */
class SecondsTest {
    private static final String BEEF = "beef-ribeye.sliced";
    private final Planner planner = new Planner(Catalogue.builtIn());

    private static Brief brief(boolean plate) {
        Briefs briefs = new Briefs();
        briefs.guests.addAll(List.of(Briefs.guest("ann"), Briefs.guest("bea")));
        briefs.pots.add(Briefs.pot("pot", 5000, "kelp-shiitake"));
        briefs.menu.addAll(List.of(BEEF, "tofu-firm.cubes", "napa-cabbage.leaves", "udon.fresh"));
        Brief brief = briefs.build();
        return plate
                ? brief.serving(brief.menu().stream()
                        .map(item -> item.cut().equals(BEEF) ? Records.with(item, "secondsGrams", 150) : item)
                        .toList())
                : brief;
    }

    private Plan plan(Brief brief, Facts facts, int second) {
        return planner.plan(brief, facts, Briefs.NOW.plusSeconds(second)).plan();
    }

    private static double total(Plan plan) {
        return plan.portions().cuts().stream()
                .filter(cut -> cut.cut().equals(BEEF))
                .mapToDouble(cut -> cut.grams().value())
                .findFirst()
                .orElseThrow();
    }

    private static double served(Plan plan, String guest) {
        return plan.table().drops().stream()
                .filter(drop -> drop.cut().equals(BEEF))
                .flatMap(drop -> drop.servings())
                .filter(serving -> serving.guest().equals(guest))
                .mapToDouble(Stay.Serving::grams)
                .sum();
    }

    @Test
    void itIsBoughtAndReadyButNobodysUntilSomebodyAsks() {
        Plan without = plan(brief(false), Facts.none(), 0);
        Plan with = plan(brief(true), Facts.none(), 0);
        double piece = Catalogue.builtIn().cut(BEEF).pieceGrams();

        assertThat(total(with) - total(without)).isCloseTo(Math.ceil(150 / piece) * piece, within(1e-6));
        assertThat(served(with, "ann")).isEqualTo(served(without, "ann"));
        assertThat(with.purchases().needs())
                .anySatisfy(need -> assertThat(need.ingredient()).isEqualTo("beef-ribeye"));
        assertThat(with.table().audit()).isEmpty();
    }

    @Test
    void whoAsksGetsItFromThePlate() {
        Brief brief = brief(true);
        var satDown = brief.sitDown().atZone(brief.zoneId()).toInstant();
        var asks = satDown.plusSeconds(600);
        Facts facts = new Facts(
                List.of(),
                List.of(),
                Set.of(),
                List.of(
                        new TableEvent.SatDown(UUID.randomUUID(), satDown),
                        new TableEvent.Wants(UUID.randomUUID(), asks, "ann", BEEF)),
                Set.of());
        Plan before = plan(brief, Facts.none(), 0);
        Plan plan = planner.plan(brief, facts, asks.plusSeconds(1)).plan();

        assertThat(served(plan, "ann")).isGreaterThan(served(before, "ann") + 40);
        assertThat(served(plan, "bea")).isCloseTo(served(before, "bea"), within(1e-6));
        assertThat(plan.table().audit()).isEmpty();
        assertThat(plan.table().now().spare())
                .filteredOn(spare -> spare.cut().equals(BEEF))
                .allSatisfy(spare -> assertThat(spare.grams()).isLessThan(150 - 40));
    }

    @Test
    void whoeverSaysHowManyPacksThereAreHoldsNoneBackBesides() {
        MenuItem item = Records.with(MenuItem.of(BEEF), "secondsGrams", 150);
        assertThat(item.heldBackGrams()).isEqualTo(150);
        assertThat(Records.with(item, "amount", new Amount(Amount.Unit.PACKS, 2))
                        .heldBackGrams())
                .isZero();
    }
}
