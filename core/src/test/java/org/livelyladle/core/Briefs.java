package org.livelyladle.core;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.brief.PantryItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.plan.Planner;

/** Briefs for tests: a plain one to vary, and seeded random ones. */
public final class Briefs {
    /** Shared, since it remembers the windows it computed. */
    public static final Planner PLANNER = new Planner(Catalogue.builtIn());

    public static final LocalDateTime SIT_DOWN = LocalDateTime.of(2026, 11, 28, 19, 0);
    public static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    public static final Instant NOW = Instant.parse("2026-11-24T15:00:00Z");

    public List<Guest> guests = new ArrayList<>();
    public List<Pot> pots = new ArrayList<>();
    public List<String> menu = new ArrayList<>();
    public List<String> sauces = new ArrayList<>(List.of("soy-spring-onion"));
    public List<Offer> offers = new ArrayList<>();
    public List<PantryItem> pantry = new ArrayList<>();
    public List<Deal> deals = new ArrayList<>();
    public List<ExtraChoice> extras = new ArrayList<>();
    public List<String> sauceBar = new ArrayList<>();
    public List<OwnIngredient> own = new ArrayList<>();
    public List<OwnBroth> ownBroths = new ArrayList<>();
    public List<OwnSauce> ownSauces = new ArrayList<>();
    public List<Category> without = new ArrayList<>();
    public List<Pace> paces = new ArrayList<>();
    /** Cuts bought in another state than is usual. */
    public Map<String, Bought> bought = new HashMap<>();

    public List<Cook> cooks = new ArrayList<>();
    public List<Shop> shops = new ArrayList<>(List.of(Shop.of("shop", "Shop", SIT_DOWN.minusDays(1))));
    public int altitudeM;
    public Kitchen kitchen = Kitchen.USUAL;
    public Decisions decisions = Decisions.none();
    public SchoolOfOrder order = SchoolOfOrder.HARD_FIRST;
    public UnitSystem units = UnitSystem.METRIC;
    public int mealMinutes = 90;
    public int marginPercent;

    /** Two regular eaters, one split pot, a menu with one cut of each category. */
    public static Briefs plain() {
        Briefs briefs = new Briefs();
        briefs.guests.add(guest("ann"));
        briefs.guests.add(guest("ben"));
        briefs.pots.add(pot("pot", 4000, "kelp-shiitake", "smoked-tomato"));
        briefs.menu.addAll(List.of(
                "beef-ribeye.sliced",
                "prawn.peeled",
                "fish-ball.frozen",
                "tofu-firm.cubes",
                "shiitake.halved",
                "spinach.leaves",
                "carrot.sliced",
                "udon.fresh"));
        return briefs;
    }

    public static Guest guest(String id, Need... needs) {
        return new Guest(
                id, id, Appetite.REGULAR, List.of(needs), List.of(), Heat.HOT, 0, null, 100, false, null, false);
    }

    public static Need medical(NeedKind kind) {
        return new Need(kind, Strength.MEDICAL);
    }

    public static Need diet(NeedKind kind) {
        return new Need(kind, Strength.DIET);
    }

    /** A half-filled pot whose sides are named after the pot: pot-1, pot-2 and so on. */
    public static Pot pot(String id, int capacityMl, String... broths) {
        List<Side> sides = new ArrayList<>();
        for (String broth : broths) {
            sides.add(Side.of(id + "-" + (sides.size() + 1), broth));
        }
        return Pot.of(id, id, capacityMl, 50, 4, sides);
    }

    public Brief build() {
        return new Brief(
                Brief.FORMAT,
                Brief.VERSION,
                Catalogue.builtIn().version(),
                "Test",
                SIT_DOWN,
                "Europe/Vienna",
                mealMinutes,
                units,
                "EUR",
                order,
                Map.of(),
                60,
                marginPercent,
                300,
                15,
                guests,
                pots,
                menu.stream()
                        .map(MenuItem::of)
                        .map(item -> bought.containsKey(item.cut()) ? item.bought(bought.get(item.cut())) : item)
                        .toList(),
                sauces.stream().map(SauceChoice::of).toList(),
                shops,
                new PriceSnapshot(TODAY, offers, deals),
                pantry,
                cooks,
                decisions,
                extras,
                sauceBar,
                own,
                altitudeM,
                SaltBand.USUAL,
                kitchen,
                ownBroths,
                ownSauces,
                List.of(),
                Tempo.BRISK,
                Emphasis.BALANCED,
                Starch.LAST,
                null,
                List.of(),
                without,
                paces);
    }

    /** A random party; the seed decides everything. */
    public static Brief random(long seed) {
        Random random = new Random(seed);
        Catalogue catalogue = Catalogue.builtIn();
        Briefs briefs = new Briefs();
        int guests = 1 + random.nextInt(12);
        for (int i = 0; i < guests; i++) {
            briefs.guests.add(randomGuest("g" + i, random, catalogue));
        }
        int pots = 1 + random.nextInt(4);
        for (int i = 0; i < pots; i++) {
            briefs.pots.add(randomPot("p" + i, random, catalogue));
        }
        List<Cut> cuts = new ArrayList<>(catalogue.cuts());
        java.util.Collections.shuffle(cuts, random);
        cuts.subList(0, 4 + random.nextInt(22)).forEach(cut -> briefs.menu.add(cut.id()));
        briefs.order = SchoolOfOrder.values()[random.nextInt(SchoolOfOrder.OWN.ordinal())];
        briefs.mealMinutes = 45 + random.nextInt(90);
        briefs.decisions = new Decisions(
                List.of(new Decisions.PortionPin("g0", briefs.menu.get(0), random.nextInt(200))),
                List.of(),
                List.of(),
                List.of(new Decisions.DropPin(briefs.menu.get(1), "p0-1", 1, "p0-1", random.nextInt(60))),
                random.nextBoolean() ? List.of(new Decisions.SplashChoice("g0", "p0")) : List.of(),
                List.of());
        beside(briefs, new Random(~seed), catalogue);
        return briefs.build();
    }

    /** What came later than the rest, from a stream of its own so that earlier seeds keep their parties. */
    private static void beside(Briefs briefs, Random random, Catalogue catalogue) {
        briefs.guests.replaceAll(guest -> random.nextInt(4) > 0 ? guest : comingAndGoing(guest, random));
        catalogue.extras().stream()
                .filter(extra -> random.nextInt(4) == 0)
                .forEach(extra -> briefs.extras.add(
                        new ExtraChoice(extra.ingredient(), random.nextBoolean() ? null : 20.0 + random.nextInt(200))));
        catalogue.sauceBar().stream()
                .filter(part -> random.nextInt(3) == 0)
                .forEach(part -> briefs.sauceBar.add(part.ingredient()));
        catalogue.ingredients().forEach(ingredient -> {
            for (int i = random.nextInt(3); i > 0; i--) {
                String id = ingredient.id() + "-" + i;
                int grams = 50 * (1 + random.nextInt(12));
                briefs.offers.add(new Offer(
                        id, "shop", ingredient.id(), id, grams, 40 + grams * (1 + random.nextInt(3)), null, null));
            }
        });
        for (Offer offer : briefs.offers) {
            switch (random.nextInt(30)) {
                case 0 -> briefs.deals.add(new Deal("d" + offer.id(), offer.id(), 2 + random.nextInt(2), 1, null));
                case 1 ->
                    briefs.deals.add(new Deal("d" + offer.id(), offer.id(), null, null, 500 + random.nextInt(9000)));
                default -> {}
            }
        }
    }

    private static Guest comingAndGoing(Guest guest, Random random) {
        List<Wish> wishes = guest.wishes().stream()
                .map(wish -> new Wish(
                        wish.cut(), wish.liking(), Doneness.values()[random.nextInt(3)], random.nextInt(3) == 0))
                .toList();
        return new Guest(
                guest.id(),
                guest.name(),
                guest.appetite(),
                guest.needs(),
                wishes,
                guest.heat(),
                guest.arrivesAfterMinutes(),
                guest.arrivesAfterMinutes() + 10 + random.nextInt(60),
                10 + random.nextInt(150),
                random.nextBoolean(),
                null,
                false);
    }

    private static Guest randomGuest(String id, Random random, Catalogue catalogue) {
        List<Need> needs = new ArrayList<>();
        List<NeedKind> kinds = new ArrayList<>(Arrays.asList(NeedKind.values()));
        java.util.Collections.shuffle(kinds, random);
        int count = Math.max(0, random.nextInt(5) - 2);
        kinds.subList(0, count).forEach(kind -> needs.add(new Need(kind, Strength.values()[random.nextInt(3)])));
        List<Wish> wishes = new ArrayList<>();
        catalogue.cuts().stream()
                .filter(cut -> random.nextInt(6) == 0)
                .forEach(cut -> wishes.add(new Wish(cut.id(), Liking.values()[random.nextInt(4)], null, false)));
        return new Guest(
                id,
                id.toUpperCase(java.util.Locale.ROOT),
                Appetite.values()[random.nextInt(5)],
                needs,
                wishes,
                Heat.values()[random.nextInt(4)],
                random.nextInt(4) == 0 ? random.nextInt(40) : 0,
                null,
                100,
                false,
                null,
                false);
    }

    private static Pot randomPot(String id, Random random, Catalogue catalogue) {
        List<Broth> broths = List.copyOf(catalogue.broths());
        String[] ids = new String[1 + random.nextInt(3)];
        Arrays.setAll(ids, i -> broths.get(random.nextInt(broths.size())).id());
        Pot pot = pot(id, 1500 + random.nextInt(6000), ids);
        return Pot.of(id, id, pot.capacityMl(), 30 + random.nextInt(38), 1 + random.nextInt(5), pot.sides());
    }
}
