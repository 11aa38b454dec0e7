package org.livelyladle.server.household;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.measure.UnitSystem;
import org.springframework.stereotype.Component;

/** A first brief a host can sit down to: a balanced small menu, pots for the number of guests, shops and prices. */
@Component
public class NewPartyDefaults {
    /** One full-size pot feeds so many; memory: 4 to 6. */
    private static final int GUESTS_PER_POT = 5;
    /** Nobody is at a shop sooner, nor sits down so soon after it [min]; memory. */
    private static final int TO_THE_SHOP = 15;

    private static final int LEAST_AFTER_SHOPPING = 60;
    /** There, through the shop and on to the next [min]; memory. */
    private static final int A_TRIP = 60;

    private static final List<String> MENU = List.of(
            "beef-ribeye.sliced",
            "chicken-thigh.sliced",
            "prawn.peeled",
            "white-fish.sliced",
            "fish-ball.frozen",
            "vegetable-dumpling.frozen",
            "tofu-firm.cubes",
            "enoki.bundles",
            "shiitake.halved",
            "napa-cabbage.leaves",
            "spinach.leaves",
            "daikon.sliced",
            "sweetcorn.pieces",
            "udon.fresh",
            "glass-noodle.soaked");

    private final Catalogue catalogue;
    private final PriceList prices;
    private final Clock clock;

    NewPartyDefaults(Catalogue catalogue, PriceList prices, Clock clock) {
        this.catalogue = catalogue;
        this.prices = prices;
        this.clock = clock;
    }

    /**
     * @param sitDown local time in {@code zone}
     * @param own what the household adds to the catalogue
     */
    public Brief brief(String title, LocalDateTime sitDown, String zone, List<String> names, List<OwnIngredient> own) {
        List<Shop> shops = shops(sitDown, LocalDateTime.ofInstant(clock.instant(), ZoneId.of(zone)));
        PriceSnapshot offers = offersOf(shops);
        return new Brief(
                Brief.FORMAT,
                Brief.VERSION,
                catalogue.version(),
                title,
                sitDown,
                zone,
                90,
                UnitSystem.METRIC,
                "EUR",
                SchoolOfOrder.FLAVOUR_BUILDERS,
                Map.of(),
                60,
                5,
                300,
                15,
                guests(names),
                pots(names.size()),
                menu(offers),
                Stream.of("soy-spring-onion", "lime-tamari")
                        .map(SauceChoice::new)
                        .toList(),
                shops,
                offers,
                List.of(),
                List.of(Cook.of("cook-1", "You")),
                Decisions.none(),
                List.of(),
                List.of(),
                own,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static List<Guest> guests(List<String> names) {
        List<Guest> guests = new ArrayList<>();
        for (String name : names) {
            guests.add(Guest.of("guest-" + (guests.size() + 1), name, Appetite.REGULAR, Heat.MEDIUM));
        }
        return guests;
    }

    private static List<Pot> pots(int guests) {
        List<Pot> pots = new ArrayList<>();
        int count = Math.max(1, (guests + GUESTS_PER_POT - 1) / GUESTS_PER_POT);
        for (int i = 1; i <= Math.min(count, 12); i++) {
            String id = "pot-" + i;
            pots.add(Pot.of(
                    id,
                    count == 1 ? "Split pot" : "Split pot " + i,
                    5200,
                    50,
                    4,
                    List.of(Side.of(id + "a", "ginger-chicken"), Side.of(id + "b", "kelp-shiitake"))));
        }
        return pots;
    }

    /** Of the usual menu what can be bought. */
    private List<MenuItem> menu(PriceSnapshot prices) {
        Set<String> onOffer = prices.offers().stream().map(Offer::ingredient).collect(Collectors.toSet());
        return MENU.stream()
                .filter(cut -> onOffer.contains(catalogue.cut(cut).ingredient()))
                .map(MenuItem::of)
                .toList();
    }

    private PriceSnapshot offersOf(List<Shop> shops) {
        Set<String> ids = shops.stream().map(Shop::id).collect(Collectors.toSet());
        PriceSnapshot all = prices.snapshot(LocalDate.now(clock));
        List<Offer> offers = all.offers().stream()
                .filter(offer -> ids.contains(offer.shop()))
                .toList();
        return new PriceSnapshot(all.asOf(), offers, List.of());
    }

    /** Nobody is sent to a shop before now: a party for tonight shops at those that still open, if any does. */
    private static List<Shop> shops(LocalDateTime sitDown, LocalDateTime now) {
        List<Shop> usual = usual(sitDown.toLocalDate());
        LocalDateTime soon = now.plusMinutes(TO_THE_SHOP);
        List<Shop> open = new ArrayList<>();
        for (Shop shop : usual) {
            Shop later = shop.tripAt().isBefore(soon) ? shop.at(shop.firstOpen(soon)) : shop;
            if (!later.tripAt().isAfter(sitDown.minusMinutes(LEAST_AFTER_SHOPPING))) {
                open.add(later);
                // nobody is at two shops at once
                soon = later == shop ? soon : later.tripAt().plusMinutes(A_TRIP);
            }
        }
        return open.isEmpty() ? usual : open;
    }

    private static List<Shop> usual(LocalDate day) {
        return Stream.of(
                        Shop.of("store", "Towpath Stores", day.minusDays(2).atTime(17, 30))
                                .opening(List.of(DayOfWeek.SUNDAY), LocalTime.of(8, 0), LocalTime.of(20, 0)),
                        Shop.of("grocer", "Weir Street Grocer", day.minusDays(1).atTime(18, 0))
                                .opening(List.of(DayOfWeek.SUNDAY), LocalTime.of(9, 0), LocalTime.of(19, 0)),
                        Shop.of("market", "Lock Hall Market", day.atTime(9, 30))
                                .opening(List.of(DayOfWeek.MONDAY), LocalTime.of(7, 0), LocalTime.of(14, 0)))
                .map(shop -> shop.at(shop.lastOpen(shop.tripAt())))
                .toList();
    }
}
