package org.livelyladle.core.advice;

import static org.livelyladle.core.advice.Remedy.show;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.purchases.Purchases;

/** What cannot be bought as planned: no offer, an empty shelf, or a trip at the wrong time. */
final class PurchaseUnmet {
    /** Nobody is at the shop sooner [min]; memory. */
    private static final int SOON_MINUTES = 30;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Purchases purchases;
    private final Substitutes substitutes;
    private final LocalDateTime now;
    private final List<Unmet> unmet = new ArrayList<>();

    /** @param now at the party, local time: nobody is sent to a shop before it */
    PurchaseUnmet(Brief brief, Catalogue catalogue, Purchases purchases, Substitutes substitutes, LocalDateTime now) {
        this.now = now;
        this.brief = brief;
        this.catalogue = catalogue;
        this.purchases = purchases;
        this.substitutes = substitutes;
    }

    /** Whoever keeps no prices at all buys by the list, and misses no offer. */
    List<Unmet> find() {
        if (!brief.prices().offers().isEmpty()) {
            purchases.unoffered().forEach(this::unoffered);
        }
        brief.shops().stream().flatMap(shop -> shop.trips().stream()).forEach(this::trip);
        return unmet;
    }

    private void unoffered(Purchases.Unoffered rest) {
        boolean soldOut = purchases.soldOut().stream()
                .anyMatch(offer -> offer.ingredient().equals(rest.ingredient()));
        String missing = (soldOut
                        ? rest.name() + ": sold out, "
                        : "No shop of this party offers " + KitchenText.lower(rest.name()) + ": ")
                + rest.missing().text() + " to find.";
        Optional<Substitutes.Substitute> substitute = substitutes.bestFor(rest.ingredient());
        unmet.add(new Unmet(
                "unoffered." + rest.ingredient(),
                soldOut ? Unmet.Severity.SHORT : Unmet.Severity.WISH,
                Step.SHOPPING,
                null,
                missing + substitute.map(s -> " " + s.effect()).orElse(""),
                substitute
                        .map(s -> Remedy.of(
                                "Take " + KitchenText.lower(catalogue.fullName(s.by())),
                                new BriefEdit.SwapCut(s.cut().id(), s.by().id())))
                        .orElse(show(Step.SHOPPING))));
    }

    /** A trip missed, after the party, on a day the shop is closed, or too early for what is bought there. */
    private void trip(Shop.Trip trip) {
        Shop shop = trip.shop();
        LocalDateTime latest = brief.sitDown().minusHours(1);
        if (now.isBefore(brief.sitDown()) && trip.at().isBefore(now)) {
            missed(trip);
            return;
        }
        if (trip.at().isAfter(brief.sitDown())) {
            unmet.add(moveTrip(
                    "after." + trip.id(), trip, "The trip to " + shop.name() + " is after sitting down.", latest));
            return;
        }
        DayOfWeek day = trip.at().getDayOfWeek();
        if (shop.isClosedOn(day)) {
            unmet.add(moveTrip(
                    "closed." + trip.id(), trip, shop.name() + " is closed on " + dayName(day) + "s.", trip.at()));
            return;
        }
        if (shop.isClosedAt(trip.at().toLocalTime())) {
            unmet.add(moveTrip(
                    "hours." + trip.id(),
                    trip,
                    shop.name() + " is open from " + said(shop.opens()) + " to " + said(shop.closes())
                            + "; the trip is at " + trip.at().toLocalTime() + ".",
                    trip.at().toLocalDate().atTime(LocalTime.MAX)));
            return;
        }
        purchases.tooEarly().stream()
                .filter(early -> early.trip().equals(trip.id()))
                .min(Comparator.comparingInt(Purchases.TooEarly::keepsDays))
                .ifPresent(early -> unmet.add(moveTrip(
                        "early." + trip.id(),
                        trip,
                        early.name() + " from " + shop.name() + ": " + early.days()
                                + (early.days() == 1 ? " day" : " days") + " before the party, "
                                + keeps(early.keepsDays()) + ".",
                        latest)));
    }

    /** What was not bought on a trip that is past. */
    private void missed(Shop.Trip trip) {
        long open = purchases.trips().stream()
                .filter(list -> list.id().equals(trip.id()))
                .flatMap(list -> list.lines().stream())
                .filter(line -> line.boughtEvent() == null)
                .count();
        if (open > 0) {
            unmet.add(moveTrip(
                    "missed." + trip.id(),
                    trip,
                    "The trip to " + trip.shop().name() + " is past; " + open
                            + (open == 1 ? " thing is" : " things are") + " not bought.",
                    now));
        }
    }

    private static String said(@Nullable LocalTime time) {
        return time == null ? "some time" : time.toString();
    }

    private static String keeps(int days) {
        return days == 0 ? "but to be eaten on the day" : "but keeps " + days + (days == 1 ? " day" : " days");
    }

    private Unmet moveTrip(String id, Shop.Trip trip, String text, LocalDateTime latest) {
        LocalDateTime wished = trip.lastOpen(latest);
        LocalDateTime soonest = now.plusMinutes(SOON_MINUTES);
        LocalDateTime better = wished.isBefore(soonest) ? trip.shop().firstOpen(soonest) : wished;
        boolean tooLate = better.isAfter(brief.sitDown());
        Remedy remedy = better.equals(trip.at()) || tooLate
                ? show(Step.SHOPPING)
                : Remedy.of(
                        better.toLocalDate().equals(now.toLocalDate())
                                ? "Go at " + better.toLocalTime()
                                : "Go on " + dayName(better.getDayOfWeek()),
                        new BriefEdit.MoveTrip(trip.id(), better));
        return new Unmet(id, Unmet.Severity.SHORT, Step.SHOPPING, null, text, remedy);
    }

    private static String dayName(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }
}
