package org.livelyladle.core.household;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.TopUp;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.learning.Subject;

/** A first brief a host can sit down to: the household's own things, and for the rest what suits the number of guests. */
public final class PartyStarter {
    /** One full-size pot feeds so many; memory: 4 to 6. */
    private static final int GUESTS_PER_POT = 5;
    /** Nobody is at a shop sooner, nor sits down so soon after it [min]; memory. */
    private static final int TO_THE_SHOP = 15;

    private static final int LEAST_AFTER_SHOPPING = 60;
    /** There, through the shop and on to the next [min]; memory. */
    private static final int A_TRIP = 60;
    /** What a kilogram bought too much is worth avoiding; memory [cents/kg]. */
    private static final int WASTE_CENTS_PER_KG = 300;

    private final Catalogue catalogue;

    public PartyStarter(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** @param now local time where the party is */
    public Brief start(Household household, StartingPoint start, NewParty wish, LocalDateTime now) {
        List<Shop> shops = shops(household.shops(), wish.sitDown(), now);
        PriceSnapshot prices = pricesAt(shops, household.prices());
        List<MenuItem> menu = menu(start, prices);
        boolean nothing = start == StartingPoint.EMPTY;
        return new Brief(
                Brief.FORMAT,
                Brief.VERSION,
                catalogue.version(),
                wish.titleOn(now.toLocalDate()),
                wish.sitDown(),
                wish.zone(),
                household.mealMinutes(),
                household.units(),
                household.currency(),
                household.order(),
                Objects.requireNonNullElse(household.portionsPerAdult(), Map.of()),
                household.sauceMlPerAdult(),
                household.marginPercent(),
                WASTE_CENTS_PER_KG,
                household.bufferMinutes(),
                guests(wish.guests(), household::person),
                pots(household, start, wish.guests().size()),
                menu,
                nothing ? List.of() : Objects.requireNonNullElse(household.sauces(), start.sauces()),
                shops,
                prices,
                household.pantry(),
                household.cooks().isEmpty() ? List.of(Cook.of("cook-1", "You")) : household.cooks(),
                Decisions.none(),
                nothing ? List.of() : household.extras(),
                household.sauceBar(),
                household.ownIngredients(),
                household.altitudeM(),
                household.saltBand(),
                household.kitchen(),
                household.ownBroths(),
                household.ownSauces(),
                household.courses(),
                household.tempo(),
                Emphasis.BALANCED,
                household.starch(),
                null,
                List.of(),
                without(menu),
                household.paces());
    }

    /** A short menu is short on purpose; an empty one is not there yet. */
    private List<Category> without(List<MenuItem> menu) {
        Set<Category> there = menu.stream()
                .map(item -> catalogue.ingredientOf(catalogue.cut(item.cut())).category())
                .collect(Collectors.toSet());
        return there.isEmpty()
                ? List.of()
                : Category.served().stream()
                        .filter(kind -> !there.contains(kind))
                        .toList();
    }

    /** As a past party was: its table, menu and shops, nothing of what was decided then. */
    public Brief again(Household household, Brief past, NewParty wish, LocalDateTime now) {
        List<Guest> guests = wish.guests().isEmpty()
                ? past.guests().stream()
                        .map(guest -> asLearnt(household, guest).onTime().fromBefore())
                        .toList()
                : guests(
                        wish.guests(),
                        name -> household
                                .person(name)
                                .or(() -> past.guests().stream()
                                        .filter(guest -> guest.name().equalsIgnoreCase(name))
                                        .findFirst()
                                        .map(Guest::onTime)));
        Set<String> present = guests.stream().map(Guest::id).collect(Collectors.toSet());
        List<UsualShop> usual = past.shops().stream()
                .map(shop -> UsualShop.of(shop, past.sitDown().toLocalDate()))
                .toList();
        return past.changed(draft -> {
            draft.title = wish.titleOn(now.toLocalDate());
            draft.sitDown = wish.sitDown();
            draft.zone = wish.zone();
            draft.guests = guests;
            draft.portionsPerAdult = asLearnt(household, past.portionsPerAdult());
            draft.pots = past.pots().stream()
                    .map(pot -> asLearnt(household, pot).reachedBy(null))
                    .toList();
            draft.shops = shops(usual, wish.sitDown(), now);
            draft.prices = pricesAt(draft.shops, past.prices());
            draft.cooks =
                    past.cooks().stream().map(cook -> cook.away(List.of())).toList();
            draft.minders = past.minders().stream()
                    .filter(minder -> present.contains(minder)
                            || past.cooks().stream().anyMatch(cook -> cook.id().equals(minder)))
                    .toList();
            draft.sauces = past.sauces().stream().map(SauceChoice::forAnybody).toList();
            draft.decisions = Decisions.none();
            draft.paces = household.paces();
        });
    }

    /** Portions of then, but for what evenings have taught since. */
    private static Map<Category, Double> asLearnt(Household household, Map<Category, Double> portions) {
        Map<Category, Double> now = new EnumMap<>(portions);
        Map<Category, Double> kept = Objects.requireNonNullElse(household.portionsPerAdult(), Map.of());
        household.rates().learnt().stream()
                .filter(learnt -> learnt.subject() == Subject.PORTION)
                .map(learnt -> Category.valueOf(learnt.of()))
                .filter(kept::containsKey)
                .forEach(category -> now.put(category, Objects.requireNonNull(kept.get(category))));
        return now;
    }

    /** Somebody of the book eats as much as the book has learnt. */
    private static Guest asLearnt(Household household, Guest guest) {
        return household.people().stream()
                .filter(person -> person.id().equals(guest.id()))
                .findFirst()
                .map(person -> guest.eatingPart(person.portionPercent()))
                .orElse(guest);
    }

    /** A pot on the stove it stands on at home is heated as that stove has taught. */
    private static Pot asLearnt(Household household, Pot pot) {
        return household.pots().stream()
                .filter(kept -> kept.id().equals(pot.id()))
                .map(Pot::heat)
                .filter(heat -> heat.isLike(pot.heat()))
                .findFirst()
                .map(heat -> pot.heatedBy(pot.heat().taught(heat.boilTimes(), heat.fuelTimes())))
                .orElse(pot);
    }

    /** Whoever is known comes as known, and nobody twice. */
    private static List<Guest> guests(List<String> names, Function<String, Optional<Guest>> known) {
        List<Guest> guests = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (String name : names) {
            Guest guest = known.apply(name)
                    .filter(person -> !taken.contains(person.id()))
                    .map(Guest::fromBefore)
                    .orElseGet(() -> Guest.of(freshId(taken), name, Appetite.REGULAR, Heat.MEDIUM));
            taken.add(guest.id());
            guests.add(guest);
        }
        return guests;
    }

    private static String freshId(Set<String> taken) {
        return IntStream.iterate(taken.size() + 1, n -> n + 1)
                .mapToObj(n -> "guest-" + n)
                .filter(id -> !taken.contains(id))
                .findFirst()
                .orElseThrow();
    }

    /** The household's own, with the broths it begins with; else by the number of guests. */
    private static List<Pot> pots(Household household, StartingPoint start, int guests) {
        if (household.pots().isEmpty()) {
            return usualPots(start, guests);
        }
        if (start == StartingPoint.USUAL || start == StartingPoint.EMPTY) {
            return household.pots();
        }
        List<Pot> pots = new ArrayList<>();
        int filled = 0;
        for (Pot pot : household.pots()) {
            List<Side> sides = new ArrayList<>();
            for (Side side : pot.sides()) {
                sides.add(new Side(
                        side.id(),
                        start.broths().get(filled++ % start.broths().size()),
                        side.topUp(),
                        start.isUnsalted()));
            }
            pots.add(pot.holding(sides));
        }
        return pots;
    }

    private static List<Pot> usualPots(StartingPoint start, int guests) {
        List<Pot> pots = new ArrayList<>();
        int count = Math.max(1, Math.min((guests + GUESTS_PER_POT - 1) / GUESTS_PER_POT, Brief.MOST_POTS));
        String name = start.broths().size() == 1 ? "Pot" : "Split pot";
        for (int i = 1; i <= count; i++) {
            String id = "pot-" + i;
            List<Side> sides = new ArrayList<>();
            for (String broth : start.broths()) {
                String side = id + (char) ('a' + sides.size());
                sides.add(new Side(side, broth, TopUp.AUTO, start.isUnsalted()));
            }
            pots.add(Pot.of(id, count == 1 ? name : name + " " + i, 5200, 50, 4, sides));
        }
        return pots;
    }

    /** Of its menu what can be bought; all of it where nobody knows what the shops have. */
    private List<MenuItem> menu(StartingPoint start, PriceSnapshot prices) {
        Set<String> onOffer = prices.offers().stream().map(Offer::ingredient).collect(Collectors.toSet());
        return start.menu().stream()
                .filter(item -> onOffer.isEmpty()
                        || onOffer.contains(catalogue.cut(item.cut()).ingredient()))
                .toList();
    }

    private static PriceSnapshot pricesAt(List<Shop> shops, PriceSnapshot prices) {
        Set<String> ids = shops.stream().map(Shop::id).collect(Collectors.toSet());
        List<Offer> offers = prices.offers().stream()
                .filter(offer -> ids.contains(offer.shop()))
                .toList();
        Set<String> kept = offers.stream().map(Offer::id).collect(Collectors.toSet());
        List<Deal> deals = prices.deals().stream()
                .filter(deal -> kept.contains(deal.offer()))
                .toList();
        return new PriceSnapshot(prices.asOf(), offers, deals);
    }

    /** Nobody is sent to a shop before now: a party for tonight shops at those that still open, if any does. */
    private static List<Shop> shops(List<UsualShop> usual, LocalDateTime sitDown, LocalDateTime now) {
        List<Shop> planned =
                usual.stream().map(shop -> shop.forParty(sitDown.toLocalDate())).toList();
        LocalDateTime soon = now.plusMinutes(TO_THE_SHOP);
        List<Shop> open = new ArrayList<>();
        for (Shop shop : planned) {
            Shop later = shop.tripAt().isBefore(soon) ? shop.at(shop.firstOpen(soon)) : shop;
            if (!later.tripAt().isAfter(sitDown.minusMinutes(LEAST_AFTER_SHOPPING))) {
                open.add(later);
                // nobody is at two shops at once
                soon = later == shop ? soon : later.tripAt().plusMinutes(A_TRIP);
            }
        }
        return open.isEmpty() ? planned : open;
    }
}
