package org.livelyladle.server.household;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.household.PartyStarter;
import org.livelyladle.core.household.StartingPoint;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;

class FirstHouseholdTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");
    private static final LocalDateTime TODAY = LocalDateTime.of(2026, 11, 24, 16, 0);
    private static final LocalDateTime SIT_DOWN = LocalDateTime.of(2026, 12, 5, 19, 0);

    private final PriceList prices = new PriceList();
    private final Household household = new FirstHousehold(prices).on(TODAY.toLocalDate());
    private final PartyStarter starter = new PartyStarter(CATALOGUE);

    private Brief brief(StartingPoint start, int guests) {
        List<String> names =
                IntStream.range(0, guests).mapToObj(i -> "Guest " + i).toList();
        return starter.start(household, start, new NewParty("Test", SIT_DOWN, "Europe/Vienna", names), TODAY);
    }

    private static Plan plan(Brief brief) {
        return new Planner(CATALOGUE).plan(brief, Facts.none(), NOW).plan();
    }

    /** Whatever a party begins as, in any size: everybody is fed, and nothing but wishes is open. */
    @ParameterizedTest
    @CsvSource({
        "PACKETS, 1",
        "PACKETS, 2",
        "PACKETS, 4",
        "PACKETS, 7",
        "WATER, 1",
        "WATER, 2",
        "WATER, 4",
        "WATER, 6",
        "SCRATCH, 2",
        "SCRATCH, 4",
        "SCRATCH, 9"
    })
    void everyStartingPointFeedsEverybody(StartingPoint start, int guests) {
        Brief brief = brief(start, guests);
        BriefCheck.check(brief, CATALOGUE);
        Plan plan = plan(brief);

        assertThat(plan.table().audit()).isEmpty();
        assertThat(plan.table().remainders()).isEmpty();
        assertThat(plan.purchases().unoffered()).isEmpty();
        assertThat(plan.unmet()).noneMatch(unmet -> unmet.severity() != Unmet.Severity.WISH);
    }

    /** Common practice: packets and bought-cut meat for four are an hour of hands, plain water for two half an hour. */
    @Test
    void theQuickOnesAreQuick() {
        double packets = plan(brief(StartingPoint.PACKETS, 4)).prep().handsOn().value();
        double water = plan(brief(StartingPoint.WATER, 2)).prep().handsOn().value();
        double scratch = plan(brief(StartingPoint.SCRATCH, 4)).prep().handsOn().value();

        assertThat(packets).isLessThanOrEqualTo(60);
        assertThat(water).isLessThanOrEqualTo(30);
        assertThat(scratch).isGreaterThan(2 * packets);
    }

    @Test
    void anEmptyOneHasGuestsAndAPotAndNothingElse() {
        Brief empty = brief(StartingPoint.EMPTY, 3);

        assertThat(empty.guests()).hasSize(3);
        assertThat(empty.pots()).hasSize(1);
        assertThat(empty.menu()).isEmpty();
        assertThat(plan(empty).table().drops()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-24T19:00, Hot pot tonight", "2026-11-28T19:00, Hot pot on Saturday",
        "2026-12-05T19:00, Hot pot on 5 December", "2026-11-20T19:00, Hot pot on 20 November"
    })
    void aTitleIsMadeUpWhereNoneIsGiven(LocalDateTime sitDown, String title) {
        NewParty wish = new NewParty(" ", sitDown, "UTC", List.of());

        assertThat(starter.start(household, StartingPoint.USUAL, wish, TODAY).title())
                .isEqualTo(title);
    }

    /** Whoever says only how many come can sit down: everybody is fed and nothing is left without an offer. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 5, 6, 9, 12, 16, 20})
    void aFirstBriefFeedsEverybody(int guests) {
        Brief brief = brief(StartingPoint.USUAL, guests);
        BriefCheck.check(brief, CATALOGUE);
        Plan plan = plan(brief);

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
        Plan plan = plan(brief(StartingPoint.USUAL, 0));

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
        Brief tonight = starter.start(
                household,
                StartingPoint.USUAL,
                new NewParty("Tonight", SIT_DOWN, "Europe/Vienna", List.of("Ann")),
                LocalDateTime.of(2026, 12, 5, 15, 0));
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
