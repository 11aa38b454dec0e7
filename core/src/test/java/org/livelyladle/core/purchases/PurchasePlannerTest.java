package org.livelyladle.core.purchases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PantryItem;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;

class PurchasePlannerTest {
    private static final Offer CARROTS = new Offer("carrots", "shop", "carrot", "Carrots", 500, 99, null, null);
    private static final Offer BIG =
            new Offer("carrots-big", "shop", "carrot", "Carrots, large", 2000, 150, null, null);
    private final Briefs briefs = Briefs.plain();

    private Purchases plan(Facts facts) {
        return Briefs.PLANNER.plan(briefs.build(), facts, Briefs.NOW).plan().purchases();
    }

    private static double missing(Purchases purchases, String ingredient) {
        return purchases.needs().stream()
                .filter(need -> need.ingredient().equals(ingredient))
                .mapToDouble(need -> need.missing().value())
                .findFirst()
                .orElseThrow();
    }

    /** Two regular eaters: 2 x 60 g of carrot in 8 g pieces is 15 pieces, 120 g; peel makes it 120 / 0.88 g. */
    @Test
    void peelAndMarginAreBoughtToo() {
        briefs.marginPercent = 10;

        assertThat(missing(plan(Facts.none()), "carrot")).isCloseTo(120 / 0.88 * 1.1, within(1e-9));
    }

    @Test
    void whatIsAtHomeIsTakenOff() {
        briefs.pantry.add(new PantryItem("carrot", 100.0));
        assertThat(missing(plan(Facts.none()), "carrot")).isCloseTo(120 / 0.88 - 100, within(1e-9));

        briefs.pantry.set(0, new PantryItem("carrot", 5000.0));
        assertThat(missing(plan(Facts.none()), "carrot")).isZero();

        briefs.pantry.set(0, new PantryItem("carrot", null));
        assertThat(missing(plan(Facts.none()), "carrot")).isZero();
    }

    @Test
    void boughtPacksAreStockAndStayOnTheBillAsPaid() {
        briefs.offers.add(CARROTS);
        PartyEvent bought = PartyEvent.bought(UUID.randomUUID(), Instant.EPOCH, "carrots", "carrot", 1, 500.0, 120);
        Purchases purchases = plan(Facts.fold(List.of(bought)));

        assertThat(missing(purchases, "carrot")).isZero();
        assertThat(purchases.bill().value()).isEqualTo(120);
        assertThat(purchases.trips().get(0).lines())
                .singleElement()
                .satisfies(line -> assertThat(line.boughtEvent()).isEqualTo(bought.id()));

        PartyEvent back = PartyEvent.of(
                UUID.randomUUID(),
                Instant.EPOCH,
                EventType.RETURNED,
                bought.id().toString());
        assertThat(plan(Facts.fold(List.of(bought, back, bought))).bill().value())
                .isEqualTo(99);
    }

    @Test
    void aPinnedOfferIsKeptEvenWhenDearer() {
        briefs.offers.addAll(List.of(CARROTS, BIG));
        briefs.decisions = new Decisions(
                List.of(),
                List.of(new Decisions.OfferPin("carrot", "carrots-big")),
                List.of(),
                List.of(),
                List.of(),
                List.of());

        assertThat(plan(Facts.none()).trips().get(0).lines())
                .singleElement()
                .satisfies(line -> assertThat(line.offer()).isEqualTo("carrots-big"));
    }

    /** A list works without any price: a shop nobody knows the prices of may have what no other offers. */
    @Test
    void whatHasNoPriceIsOnTheListOfAShopWithoutPrices() {
        briefs.offers.add(CARROTS);
        briefs.shops.add(Shop.of("corner", "Corner shop", Briefs.SIT_DOWN.minusHours(3)));
        Purchases purchases = plan(Facts.none());
        Purchases.Trip corner = purchases.trips().stream()
                .filter(trip -> trip.shop().equals("corner"))
                .findFirst()
                .orElseThrow();

        assertThat(purchases.unoffered()).isEmpty();
        assertThat(corner.lines())
                .extracting(Purchases.Line::ingredient)
                .contains("soy-sauce")
                .doesNotContain("carrot");
        assertThat(corner.bill().value()).isZero();

        Purchases.Line soy = corner.lines().stream()
                .filter(line -> line.ingredient().equals("soy-sauce"))
                .findFirst()
                .orElseThrow();
        PartyEvent bought =
                PartyEvent.bought(UUID.randomUUID(), Instant.EPOCH, soy.offer(), "soy-sauce", 1, soy.grams(), 0);
        Purchases after = plan(Facts.fold(List.of(bought)));
        assertThat(missing(after, "soy-sauce")).isZero();
        assertThat(after.trips().stream()
                        .filter(trip -> trip.shop().equals("corner"))
                        .toList())
                .singleElement()
                .satisfies(trip ->
                        assertThat(trip.lines()).anyMatch(line -> bought.id().equals(line.boughtEvent())));
        assertThat(plan(Facts.fold(List.of(event(EventType.SOLD_OUT, soy.offer()))))
                        .unoffered())
                .extracting(Purchases.Unoffered::ingredient)
                .containsExactly("soy-sauce");
    }

    @Test
    void whatNobodyOffersIsNamed() {
        briefs.offers.add(CARROTS);
        assertThat(plan(Facts.none()).unoffered())
                .extracting(Purchases.Unoffered::ingredient)
                .contains("beef-ribeye", "soy-sauce");
    }

    private static PartyEvent event(EventType type, String subject) {
        return PartyEvent.of(UUID.randomUUID(), Instant.EPOCH, type, subject);
    }

    @Test
    void whatIsSoldOutIsBoughtAsTheNextCheapest() {
        briefs.offers.addAll(List.of(CARROTS, BIG));
        List<PartyEvent> events = List.of(event(EventType.SOLD_OUT, "carrots"));
        Purchases purchases = plan(Facts.fold(events));

        assertThat(purchases.trips().get(0).lines())
                .singleElement()
                .satisfies(line -> assertThat(line.offer()).isEqualTo("carrots-big"));
        assertThat(purchases.soldOut()).extracting(Purchases.SoldOut::offer).containsExactly("carrots");

        List<PartyEvent> back = List.of(events.get(0), event(EventType.BACK_ON_SHELF, "carrots"));
        assertThat(plan(Facts.fold(back)).trips().get(0).lines())
                .singleElement()
                .satisfies(line -> assertThat(line.offer()).isEqualTo("carrots"));
    }

    @Test
    void theRunningTotalIsWhatWasPaid() {
        briefs.offers.addAll(List.of(CARROTS, new Offer("udon", "shop", "udon", "Udon", 400, 300, null, null)));
        PartyEvent bought = PartyEvent.bought(UUID.randomUUID(), Instant.EPOCH, "carrots", "carrot", 1, 500.0, 120);
        Purchases.Trip trip = plan(Facts.fold(List.of(bought))).trips().get(0);

        assertThat(trip.paid().value()).isEqualTo(120);
        assertThat(trip.bill().value()).isEqualTo(420);
    }
}
