package org.livelyladle.core.purchases;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.OfferPin;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;

/** Which offers an ingredient can be bought from: what is on the shelf, as pinned, on a trip late enough. */
final class Shelf {
    private final Brief brief;
    private final Catalogue catalogue;
    private final LocalDateTime now;
    /** On the shelf, by ingredient. */
    private final Map<String, List<Offer>> there;

    /** Ingredients found missing from a shelf. */
    private final Set<String> soldOut;

    private final Map<String, List<Offer>> found = new HashMap<>();
    private final List<Purchases.BeatenPin> beaten = new ArrayList<>();

    Shelf(Brief brief, Catalogue catalogue, Facts facts, LocalDateTime now) {
        this.now = now;
        this.brief = brief;
        this.catalogue = catalogue;
        this.soldOut = Stream.concat(
                        brief.prices().offers().stream()
                                .filter(offer -> facts.soldOut().contains(offer.id()))
                                .map(Offer::ingredient),
                        facts.soldOut().stream()
                                .filter(subject -> subject.startsWith(PartyEvent.SOMETHING_ELSE))
                                .map(subject -> subject.substring(PartyEvent.SOMETHING_ELSE.length())))
                .collect(Collectors.toSet());
        this.there = brief.prices().offers().stream()
                .filter(offer -> !facts.soldOut().contains(offer.id()))
                .collect(Collectors.groupingBy(Offer::ingredient));
    }

    /** Pins met so far that cannot hold. */
    List<Purchases.BeatenPin> beatenPins() {
        return beaten;
    }

    List<Offer> offers(String ingredient) {
        return found.computeIfAbsent(ingredient, this::find);
    }

    private List<Offer> find(String ingredient) {
        List<Offer> all = inItsState(ingredient, there.getOrDefault(ingredient, List.of()));
        Optional<OfferPin> pin = brief.decisions().offers().stream()
                .filter(p -> p.ingredient().equals(ingredient))
                .findFirst();
        if (pin.isEmpty()) {
            return fresh(all);
        }
        List<Offer> pinned = all.stream()
                .filter(offer -> offer.id().equals(pin.get().offer()))
                .toList();
        if (pinned.isEmpty()) {
            beaten.add(new Purchases.BeatenPin(ingredient, pin.get().offer(), "it is not on offer now"));
            return fresh(all);
        }
        return pinned;
    }

    /** Offers in the states the menu wants; all when there are none such. */
    private List<Offer> inItsState(String ingredient, List<Offer> offers) {
        List<Bought> wanted = brief.menu().stream()
                .map(item -> catalogue.cut(item.cut()))
                .filter(cut -> cut.ingredient().equals(ingredient))
                .map(brief::boughtOf)
                .toList();
        List<Offer> suiting = offers.stream()
                .filter(offer -> wanted.stream().anyMatch(offer::isSoldAs))
                .toList();
        return suiting.isEmpty() ? offers : suiting;
    }

    /** Offers on trips late enough for how long it keeps; all when there are none such. */
    private List<Offer> fresh(List<Offer> offers) {
        List<Offer> fresh = offers.stream()
                .filter(offer -> daysBefore(tripFor(offer))
                        <= catalogue.ingredient(offer.ingredient()).keepsDays())
                .toList();
        return fresh.isEmpty() ? offers : fresh;
    }

    /** A shop that does not tell all it has may have what no other offers: the first trip from which it keeps. */
    Optional<Shop.Trip> mayHaveIt(String ingredient) {
        if (soldOut.contains(ingredient)) {
            return Optional.empty();
        }
        return firstFrom(
                brief.shops().stream()
                        .filter(shop -> !tellsAll(shop))
                        .flatMap(shop -> shop.trips().stream())
                        .sorted(Comparator.comparing(Shop.Trip::at))
                        .toList(),
                ingredient);
    }

    private boolean tellsAll(Shop shop) {
        return shop.onMarket() == null
                ? brief.prices().offers().stream()
                        .anyMatch(offer -> offer.shop().equals(shop.id()))
                : shop.onMarket();
    }

    /** The first trip from which it keeps until the party, the last one when it does from none. */
    private Optional<Shop.Trip> firstFrom(List<Shop.Trip> trips, String ingredient) {
        int keeps = catalogue.ingredient(ingredient).keepsDays();
        return trips.stream()
                .filter(trip -> daysBefore(trip) <= keeps)
                .findFirst()
                .or(() -> trips.stream().reduce((first, next) -> next));
    }

    /** The trip to the offer's shop on which it is bought: one that is still ahead, where there is one. */
    Shop.Trip tripFor(Offer offer) {
        List<Shop.Trip> ahead = tripsTo(offer.shop()).stream()
                .filter(trip -> !trip.at().isBefore(now))
                .toList();
        return firstFrom(ahead, offer.ingredient()).orElseGet(() -> plannedTripFor(offer));
    }

    /** The trip on which it was to be bought from the beginning. */
    Shop.Trip plannedTripFor(Offer offer) {
        return firstFrom(tripsTo(offer.shop()), offer.ingredient()).orElseThrow();
    }

    private List<Shop.Trip> tripsTo(String shop) {
        return brief.shops().stream()
                .filter(known -> known.id().equals(shop))
                .flatMap(known -> known.trips().stream())
                .toList();
    }

    /** From a trip until sitting down [d]. */
    int daysBefore(Shop.Trip trip) {
        return trip.daysBefore(brief.sitDown().toLocalDate());
    }
}
