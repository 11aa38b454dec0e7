package org.livelyladle.server.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.plan.Unmet;

class NewPartyDefaultsTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");
    private final PriceList prices = new PriceList();

    private Brief brief(int guests) {
        Clock clock = mock(Clock.class);
        when(clock.instant()).thenReturn(NOW);
        when(clock.getZone()).thenReturn(ZoneOffset.UTC);
        return new NewPartyDefaults(CATALOGUE, prices, clock)
                .brief(
                        "Test",
                        LocalDateTime.of(2026, 12, 5, 19, 0),
                        "Europe/Vienna",
                        Collections.nCopies(guests, "Guest"),
                        List.of());
    }

    /** Whoever says only how many come can sit down: everybody is fed and nothing is left without an offer. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 5, 6, 9, 12, 16, 20})
    void aFirstBriefFeedsEverybody(int guests) {
        Brief brief = brief(guests);
        BriefCheck.check(brief, CATALOGUE);
        Plan plan = new Planner(CATALOGUE).plan(brief, Facts.none(), NOW).plan();

        assertThat(TableAudit.check(
                        brief, CATALOGUE, plan.windows(), plan.portions().lines(), plan.table()))
                .isEmpty();
        assertThat(plan.table().remainders()).isEmpty();
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.severity() != Unmet.Severity.WISH);
        assertThat(plan.table().guests())
                .allSatisfy(pace -> assertThat(pace.firstBite().value()).isLessThan(600));
    }

    @Test
    void nobodyIsAPartyToo() {
        Plan plan = new Planner(CATALOGUE).plan(brief(0), Facts.none(), NOW).plan();

        assertThat(plan.portions().food().value()).isZero();
        assertThat(plan.table().drops()).isEmpty();
    }

    @Test
    void thePriceListOffersEveryIngredient() {
        List<Offer> offers = prices.snapshot(LocalDate.of(2026, 11, 24)).offers();

        assertThat(CATALOGUE.ingredients())
                .extracting(Ingredient::id)
                .allSatisfy(id ->
                        assertThat(offers).anyMatch(offer -> offer.ingredient().equals(id)));
        assertThat(offers).extracting(Offer::id).doesNotHaveDuplicates();
        assertThat(offers)
                .allSatisfy(offer ->
                        assertThat(CATALOGUE.findIngredient(offer.ingredient())).isPresent());
    }

    /** On Saturday at 15:00 for 19:00: the store and the grocer are still open, the hall closed at 14:00. */
    @Test
    void aPartyForTonightShopsFromNowOn() {
        Clock clock = Clock.fixed(Instant.parse("2026-12-05T14:00:00Z"), ZoneOffset.UTC);
        Brief tonight = new NewPartyDefaults(CATALOGUE, prices, clock)
                .brief("Tonight", LocalDateTime.of(2026, 12, 5, 19, 0), "Europe/Vienna", List.of("Ann"), List.of());
        BriefCheck.check(tonight, CATALOGUE);

        assertThat(tonight.shops())
                .extracting(shop -> shop.id() + " " + shop.tripAt())
                .containsExactly("store 2026-12-05T15:15", "grocer 2026-12-05T16:15");
        assertThat(tonight.prices().offers()).allMatch(offer -> !offer.shop().equals("market"));
        assertThat(tonight.menu())
                .isNotEmpty()
                .allMatch(item -> tonight.prices().offers().stream()
                        .anyMatch(offer -> offer.ingredient()
                                .equals(CATALOGUE.cut(item.cut()).ingredient())));
    }
}
