package org.livelyladle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.advice.Remedy;
import org.livelyladle.core.advice.Unmet;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.purchases.Purchases;

/** The party is on Saturday 28 November at 19:00; prawns keep no day, carrots a fortnight. */
class TripsTest {
    private static final LocalDateTime SATURDAY = LocalDateTime.of(2026, 11, 28, 10, 0);
    private final Briefs briefs = Briefs.plain();

    private static Shop shop(String id, LocalDateTime at, DayOfWeek... closed) {
        return new Shop(id, id, at, List.of(closed), List.of(), null, null, null, null);
    }

    private Plan plan(Shop... shops) {
        Brief brief = Records.with(briefs.build(), "shops", List.of(shops));
        return Briefs.PLANNER.plan(brief, Facts.none(), Briefs.NOW).plan();
    }

    private static Optional<Unmet> unmet(Plan plan, String id) {
        return plan.unmet().stream().filter(unmet -> unmet.id().equals(id)).findFirst();
    }

    private void sell(String shop, int cents) {
        briefs.offers.add(new Offer(shop + "-prawns", shop, "prawn", "Prawns", 500, cents, null, null));
        briefs.offers.add(new Offer(shop + "-carrots", shop, "carrot", "Carrots", 500, cents, null, null));
    }

    @Test
    void whatDoesNotKeepIsBoughtOnTheLaterTripThoughItIsDearer() {
        sell("early", 100);
        sell("late", 900);
        Plan plan = plan(shop("early", SATURDAY.minusDays(2)), shop("late", SATURDAY));

        assertThat(plan.purchases().trips())
                .flatExtracting(Purchases.Trip::lines)
                .extracting(Purchases.Line::offer)
                .contains("late-prawns", "early-carrots")
                .doesNotContain("early-prawns");
        assertThat(plan.purchases().tooEarly()).isEmpty();
    }

    private static Shop again(LocalDateTime first, LocalDateTime second) {
        return new Shop("shop", "shop", first, List.of(), List.of(), null, null, null, second);
    }

    /** Carrots on Thursday, prawns on the day; each list has its own bill, and both make the whole. */
    @Test
    void whatDoesNotKeepWaitsForTheSecondTrip() {
        sell("shop", 100);
        Purchases purchases = plan(again(SATURDAY.minusDays(2), SATURDAY)).purchases();

        assertThat(purchases.trips())
                .extracting(
                        Purchases.Trip::id,
                        Purchases.Trip::at,
                        trip -> trip.lines().stream()
                                .map(Purchases.Line::ingredient)
                                .toList())
                .containsExactly(
                        tuple("shop", SATURDAY.minusDays(2), List.of("carrot")),
                        tuple("shop:again", SATURDAY, List.of("prawn")));
        assertThat(purchases.tooEarly()).isEmpty();
        assertThat(purchases.trips().stream()
                        .mapToDouble(trip -> trip.bill().value())
                        .sum())
                .isEqualTo(purchases.bill().value());
    }

    @Test
    void prepWaitsForTheTripThatBringsItsFood() {
        sell("shop", 100);
        Plan plan = plan(again(SATURDAY.minusDays(2), SATURDAY));

        assertThat(plan.prep().tasks())
                .filteredOn(task -> task.cuts().stream().anyMatch(cut -> cut.startsWith("prawn")))
                .flatExtracting(PrepTask::after)
                .contains("trip:shop:again")
                .doesNotContain("trip:shop");
    }

    @Test
    void eachTripIsMovedByItself() {
        sell("shop", 100);
        Shop shop = again(SATURDAY.minusDays(2), SATURDAY.plusDays(1));
        Unmet after = unmet(plan(shop), "after.shop:again").orElseThrow();

        assertThat(after.remedy().edit()).isEqualTo(new BriefEdit.MoveTrip("shop:again", SATURDAY));
        assertThat(shop.moving("shop:again", SATURDAY)).isEqualTo(again(SATURDAY.minusDays(2), SATURDAY));
    }

    @Test
    void aSecondTripThatWouldNotComeAfterTheFirstIsNone() {
        Shop shop = again(SATURDAY.minusDays(2), SATURDAY);

        assertThat(shop.moving("shop", SATURDAY)).isEqualTo(shop("shop", SATURDAY));
        assertThat(shop.moving("shop:again", SATURDAY.minusDays(3))).isEqualTo(shop("shop", SATURDAY.minusDays(2)));
        assertThatThrownBy(() -> again(SATURDAY, SATURDAY))
                .hasMessageContaining("againAt")
                .hasMessageContaining("a time after the first trip");
    }

    /** At noon of the day, after the first trip: carrots were forgotten and are bought with the prawns; bought ones stay. */
    @Test
    void whatWasForgottenIsBoughtOnTheSecondTrip() {
        sell("shop", 100);
        Shop shop = again(SATURDAY, SATURDAY.plusHours(3));
        assertThat(plan(shop).purchases().trips())
                .extracting(Purchases.Trip::id)
                .containsExactly("shop");

        Plan later = planAt(SATURDAY.plusHours(2), shop);
        assertThat(later.purchases().trips()).singleElement().satisfies(trip -> {
            assertThat(trip.id()).isEqualTo("shop:again");
            assertThat(trip.lines()).hasSize(2);
        });
        assertThat(unmet(later, "missed.shop")).isEmpty();

        Brief brief = Records.with(briefs.build(), "shops", List.of(shop));
        Facts prawns = Facts.fold(List.of(PartyEvent.bought(
                new UUID(1, 1), SATURDAY.atZone(brief.zoneId()).toInstant(), "shop-prawns", "prawn", 1, 500, 100)));
        Plan half = Briefs.PLANNER
                .plan(
                        brief,
                        prawns,
                        SATURDAY.plusHours(2).atZone(brief.zoneId()).toInstant())
                .plan();
        assertThat(half.purchases().trips())
                .extracting(Purchases.Trip::id, trip -> trip.lines().get(0).ingredient())
                .containsExactly(tuple("shop", "prawn"), tuple("shop:again", "carrot"));
    }

    @Test
    void aTripTooEarlyIsNamedAndMoved() {
        sell("shop", 100);
        Unmet early =
                unmet(plan(shop("shop", SATURDAY.minusDays(2))), "early.shop").orElseThrow();

        assertThat(early.text()).isEqualTo("Prawns from shop: 2 days before the party, but to be eaten on the day.");
        assertThat(early.remedy()).isEqualTo(Remedy.of("Go on Saturday", new BriefEdit.MoveTrip("shop", SATURDAY)));
        assertThat(unmet(plan(shop("shop", SATURDAY)), "early.shop")).isEmpty();
    }

    @Test
    void aClosedDayMovesTheTripToTheLastOpenDayBefore() {
        Plan plan = plan(shop("shop", SATURDAY, DayOfWeek.SATURDAY, DayOfWeek.FRIDAY));
        Unmet closed = unmet(plan, "closed.shop").orElseThrow();

        assertThat(closed.text()).isEqualTo("shop is closed on Saturdays.");
        assertThat(closed.remedy().edit()).isEqualTo(new BriefEdit.MoveTrip("shop", SATURDAY.minusDays(2)));
        assertThat(closed.remedy().label()).isEqualTo("Go on Thursday");
    }

    @Test
    void aTripAfterThePartyIsMovedBeforeIt() {
        Unmet after =
                unmet(plan(shop("shop", SATURDAY.plusDays(1))), "after.shop").orElseThrow();

        assertThat(after.text()).isEqualTo("The trip to shop is after sitting down.");
        assertThat(after.remedy().edit()).isEqualTo(new BriefEdit.MoveTrip("shop", SATURDAY));
    }

    @Test
    void whereNoBetterDayExistsTheStepIsShown() {
        sell("shop", 100);
        Shop closed = shop("shop", SATURDAY.minusDays(1), DayOfWeek.SATURDAY);

        assertThat(unmet(plan(closed), "early.shop").orElseThrow().remedy().edit())
                .isNull();
    }

    private Plan planAt(LocalDateTime now, Shop shop) {
        Brief brief = Records.with(briefs.build(), "shops", List.of(shop));
        return Briefs.PLANNER
                .plan(brief, Facts.none(), now.atZone(brief.zoneId()).toInstant())
                .plan();
    }

    /** On Saturday at 12:10, what was to be bought the day before is bought in half an hour, on the quarter. */
    @Test
    void aMissedTripIsNamedAndNobodyIsSentIntoThePast() {
        sell("shop", 100);
        Unmet missed = unmet(
                        planAt(SATURDAY.withHour(12).withMinute(10), shop("shop", SATURDAY.minusDays(1))),
                        "missed.shop")
                .orElseThrow();

        assertThat(missed.text()).isEqualTo("The trip to shop is past; 2 things are not bought.");
        assertThat(missed.remedy().label()).isEqualTo("Go at 12:45");
        assertThat(missed.remedy().edit())
                .isEqualTo(new BriefEdit.MoveTrip("shop", SATURDAY.withHour(12).withMinute(45)));
    }

    @Test
    void whereNoShopOpensBeforeTheMealNoTripIsOffered() {
        sell("shop", 100);
        Shop closed = new Shop(
                "shop",
                "shop",
                SATURDAY.minusDays(1),
                List.of(),
                List.of(),
                LocalTime.of(8, 0),
                LocalTime.of(12, 0),
                null,
                null);

        assertThat(unmet(planAt(SATURDAY.withHour(15), closed), "missed.shop")
                        .orElseThrow()
                        .remedy()
                        .edit())
                .isNull();
    }
}
