package org.livelyladle.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Boil;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.Ending;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.KeptIn;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.Liking;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PotKind;
import org.livelyladle.core.brief.PotSize;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.TopUp;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.brief.Wish;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.measure.UnitSystem;

/**
 * Random parties of all kinds a brief can say: food from the freezer and in odd sizes, weak heat, small pots that run
 * nearly dry, mountains, own food and broths, latecomers, leavers, guests who come after the end, toddlers nobody named a
 * need for, splashes, trades, reach, US units. For 1 to 40 guests. The seed decides everything.
 */
public final class Parties {
    /** Most are small: as much is odd about them, in a tenth of the time. */
    private static final int ONE_IS_LARGE_OF = 40;

    private final Random random;
    /** For what was added later, so that a seed keeps its party otherwise. */
    private final Random later;

    /** For what was added later still. */
    private final Random latest;

    private final Random taught;

    private final Briefs briefs = new Briefs();
    private final List<MenuItem> menu = new ArrayList<>();
    private final List<String> broths = new ArrayList<>();

    private Parties(long seed) {
        random = new Random(seed);
        later = new Random(~seed);
        latest = new Random(seed << 20);
        taught = new Random(seed * 31 + 7);
    }

    public static Brief random(long seed) {
        return new Parties(seed).brief();
    }

    private boolean oneIn(int n) {
        return random.nextInt(n) == 0;
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private <T> T any(T[] values) {
        return values[random.nextInt(values.length)];
    }

    private Brief brief() {
        Catalogue catalogue = Catalogue.builtIn();
        catalogue.broths().forEach(broth -> broths.add(broth.id()));
        briefs.mealMinutes = any(new Integer[] {45, 60, 80, 90, 100, 120, 150});
        briefs.units = oneIn(5) ? UnitSystem.US : UnitSystem.METRIC;
        briefs.altitudeM = oneIn(5) ? any(new Integer[] {1500, 4000}) : 0;
        ownFood();
        cuts(catalogue);
        boolean isLarge = oneIn(ONE_IS_LARGE_OF);
        int guests = isLarge ? 7 + random.nextInt(34) : 1 + random.nextInt(6);
        for (int i = 0; i < guests; i++) {
            briefs.guests.add(guest("g" + i));
        }
        int pots = 1 + random.nextInt(isLarge ? 6 : 3);
        for (int i = 0; i < pots; i++) {
            briefs.pots.add(pot("p" + i));
        }
        briefs.kitchen = new Kitchen(2000, List.of(new Kitchen.Circuit("c1", "c1", 3500)), 4, 1, 1, 2, 60, 20);
        briefs.sauces.clear();
        List<String> sauces =
                new ArrayList<>(catalogue.sauces().stream().map(s -> s.id()).toList());
        Collections.shuffle(sauces, random);
        briefs.sauces.addAll(sauces.subList(0, random.nextInt(4)));
        ownSauce();
        catalogue.extras().stream()
                .filter(extra -> oneIn(4))
                .forEach(extra -> briefs.extras.add(
                        new ExtraChoice(extra.ingredient(), oneIn(3) ? (double) random.nextInt(200) : null)));
        catalogue.sauceBar().stream().filter(part -> oneIn(4)).forEach(part -> briefs.sauceBar.add(part.ingredient()));
        briefs.decisions = decisions();
        Brief brief = Records.with(briefs.build(), "menu", menu);
        brief = eatenAsTheyLike(brief, catalogue);
        brief = Records.with(brief, "portionsPerAdult", portions());
        brief = Records.with(brief, "sauceMlPerAdult", any(new Double[] {0.0, 45.0, 60.0, 120.0}));
        if (oneIn(4)) {
            double low = random.nextInt(12) / 10.0;
            brief = Records.with(brief, "saltBand", new SaltBand(low, low + random.nextInt(3) / 10.0));
        }
        return brief;
    }

    /** Own courses, tempo, starch, minders, tending, ties, favourite sides. Drawn from a source of its own. */
    private Brief eatenAsTheyLike(Brief brief, Catalogue catalogue) {
        Random table = new Random(random.nextLong());
        List<String> sides = brief.sides().stream().map(Side::id).toList();
        List<MenuItem> served = new ArrayList<>();
        for (MenuItem item : brief.menu()) {
            boolean counted = catalogue.findCut(item.cut()).filter(Cut::counted).isPresent();
            MenuItem own = table.nextInt(5) > 0
                    ? item
                    : Records.with(
                            item, "tending", Tending.values()[counted ? table.nextInt(3) : 1 + table.nextInt(2)]);
            own = table.nextInt(8) > 0 ? own : Records.with(own, "eatenLast", true);
            String other = brief.menu().get(table.nextInt(brief.menu().size())).cut();
            own = table.nextInt(8) > 0 || other.equals(item.cut()) ? own : Records.with(own, "with", other);
            served.add(
                    table.nextInt(8) > 0
                            ? own
                            : Records.with(own, "inSides", List.of(sides.get(table.nextInt(sides.size())))));
        }
        List<Guest> guests = brief.guests().stream()
                .map(guest -> table.nextInt(4) > 0
                        ? guest
                        : Records.with(guest, "favouriteSide", sides.get(table.nextInt(sides.size()))))
                .toList();
        List<Course> courses = List.of(
                Course.of(1 + table.nextInt(60), Category.served().get(table.nextInt(8))),
                new Course(
                        List.of(Category.served().get(table.nextInt(8))),
                        List.of(brief.menu().get(0).cut()),
                        1 + table.nextInt(60)));
        List<Pot> pots = brief.pots().stream()
                .map(pot -> table.nextInt(3) > 0
                        ? pot
                        : Records.with(pot, "way", WayOfEating.values()[table.nextInt(WayOfEating.values().length)]))
                .toList();
        brief = Records.with(brief, "pots", pots);
        brief = Records.with(brief, "menu", served);
        brief = Records.with(brief, "guests", guests);
        brief = Records.with(brief, "courses", courses);
        brief = Records.with(brief, "order", SchoolOfOrder.values()[table.nextInt(SchoolOfOrder.values().length)]);
        brief = Records.with(brief, "tempo", table.nextInt(3) > 0 ? Tempo.BRISK : Tempo.EVEN);
        brief = Records.with(brief, "starch", table.nextBoolean() ? Starch.LAST : Starch.values()[table.nextInt(4)]);
        brief = Records.with(
                brief, "ending", table.nextBoolean() ? null : new Ending(Ending.Kind.values()[table.nextInt(4)], null));
        brief = Records.with(
                brief, "emphasis", table.nextInt(3) > 0 ? Emphasis.BALANCED : Emphasis.values()[table.nextInt(3)]);
        return table.nextInt(3) > 0
                ? brief
                : Records.with(
                        brief,
                        "minders",
                        brief.guests().stream().map(Guest::id).limit(2).toList());
    }

    private Map<Category, Double> portions() {
        Map<Category, Double> portions = new TreeMap<>();
        Category.served().stream()
                .filter(category -> oneIn(6))
                .forEach(category -> portions.put(category, any(new Double[] {0.0, 20.0, 100.0, 300.0})));
        return portions;
    }

    private void ownSauce() {
        if (latest.nextInt(4) == 0) {
            briefs.ownSauces.add(new OwnSauce(
                    "own-sauce",
                    "Our sauce",
                    List.of(
                            new OwnSauce.SaucePart("soy-sauce", 20),
                            new OwnSauce.SaucePart(latest.nextBoolean() ? "egg" : "lime", 10)),
                    latest.nextBoolean() ? 10 : 0,
                    Sauce.Use.values()[latest.nextInt(Sauce.Use.values().length)],
                    5,
                    latest.nextBoolean() ? false : null));
            briefs.sauces.add("own-sauce");
        }
    }

    private void ownFood() {
        if (oneIn(3)) {
            Category category = any(Category.served());
            briefs.own.add(OwnIngredient.of(
                    "own-1",
                    "Our own",
                    category,
                    null,
                    oneIn(2) ? any(Origin.values()) : null,
                    oneIn(2) ? EnumSet.of(any(Allergen.values())) : null,
                    oneIn(2) ? EnumSet.noneOf(Trait.class) : null,
                    null,
                    null,
                    new OwnIngredient.OwnCut(
                            "",
                            oneIn(2) ? 10.0 + random.nextInt(40) : null,
                            20 + random.nextInt(400),
                            600 + random.nextInt(600),
                            oneIn(3) ? null : any(RawRisk.values()),
                            null,
                            later.nextInt(4) == 0)));
            menu.add(MenuItem.of("own-1.own", false, oneIn(2) ? 40 + random.nextInt(210) : 100));
        }
        if (oneIn(4)) {
            briefs.ownBroths.add(new OwnBroth(
                    "own-broth",
                    "Our broth",
                    1000,
                    random.nextInt(15) / 10.0,
                    any(Heat.values()),
                    List.of(
                            OwnBroth.OwnPart.of("kelp", 10),
                            new OwnBroth.OwnPart(
                                    oneIn(2) ? "rice-wine" : "garlic",
                                    20,
                                    Broth.Scaling.LINEAR,
                                    null,
                                    OwnBroth.Adding.values()[later.nextInt(4)])),
                    List.of(OwnBroth.OwnStep.of("Simmer", 20, true)),
                    null,
                    later.nextInt(3) == 0 ? new OwnBroth.OwnBase("kelp-water", 500) : null,
                    null,
                    Broth.Source.SCRATCH));
            broths.add("own-broth");
        }
    }

    private void cuts(Catalogue catalogue) {
        List<Cut> cuts = new ArrayList<>(catalogue.cuts());
        Collections.shuffle(cuts, random);
        for (Cut cut : cuts.subList(0, 2 + random.nextInt(17))) {
            int size = oneIn(3) ? any(new Integer[] {60, 250}) : 100;
            menu.add(new MenuItem(
                    cut.id(),
                    cut.cooksFrozen() && oneIn(4),
                    size,
                    null,
                    false,
                    null,
                    null,
                    oneIn(3) ? any(Bought.values()) : null,
                    oneIn(6) ? any(KeptIn.values()) : KeptIn.SHOP,
                    cut.makerCooks() && oneIn(2) ? Boolean.TRUE : null,
                    mayStandBeside(catalogue, cut) && oneIn(6),
                    oneIn(5) ? amount(cut) : null,
                    later.nextInt(8) == 0 ? 20 + later.nextInt(400) : null));
        }
        if (oneIn(4)) {
            briefs.without.add(any(Category.served().toArray(Category[]::new)));
        }
        briefs.menu.stream()
                .filter(item -> taught.nextInt(12) == 0)
                .forEach(item -> briefs.paces.add(new Pace(
                        Subject.CUT_TIME, item, null, Pace.LEAST + taught.nextDouble() * (Pace.MOST - Pace.LEAST))));
    }

    private static boolean mayStandBeside(Catalogue catalogue, Cut cut) {
        Category kind = catalogue.ingredientOf(cut).category();
        return kind == Category.STARCH || kind == Category.LEAVES && cut.shape() == Shape.LEAF;
    }

    private Amount amount(Cut cut) {
        Amount.Unit unit = any(Amount.Unit.values());
        return switch (unit) {
            case GRAMS, UP_TO -> new Amount(unit, 50 + random.nextInt(900));
            case PIECES -> cut.counted() ? new Amount(unit, 1 + random.nextInt(40)) : new Amount(Amount.Unit.ONES, 1);
            case PIECES_EACH ->
                cut.counted() ? new Amount(unit, 1 + random.nextInt(4)) : new Amount(Amount.Unit.PACKS, 0.5);
            case PACKS, ONES -> new Amount(unit, 1 + random.nextInt(2));
            case EAT_UP -> new Amount(unit, 1);
        };
    }

    private Guest guest(String id) {
        List<NeedKind> kinds = new ArrayList<>(List.of(NeedKind.values()));
        Collections.shuffle(kinds, random);
        List<Need> needs = new ArrayList<>();
        kinds.subList(0, Math.max(0, random.nextInt(6) - 2))
                .forEach(kind -> needs.add(new Need(kind, any(Strength.values()))));
        List<Wish> wishes = new ArrayList<>();
        menu.stream()
                .filter(item -> oneIn(4))
                .forEach(item -> wishes.add(new Wish(
                        item.cut(), any(Liking.values()), oneIn(2) ? any(Doneness.values()) : null, oneIn(5))));
        int arrives = oneIn(4) ? random.nextInt(briefs.mealMinutes + 15) : 0;
        @Nullable Integer leaves = oneIn(6) ? Integer.valueOf(arrives + 10 + random.nextInt(60)) : null;
        return new Guest(
                id,
                id,
                oneIn(2) ? Appetite.REGULAR : any(Appetite.values()),
                needs,
                wishes,
                oneIn(2) ? Heat.HOT : any(Heat.values()),
                arrives,
                leaves,
                oneIn(5) ? 10 + random.nextInt(190) : 100,
                oneIn(4),
                null,
                false);
    }

    private Pot pot(String id) {
        List<Side> sides = new ArrayList<>();
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            sides.add(new Side(id + "-" + i, any(broths), any(TopUp.values()), oneIn(8)));
        }
        int ml = any(new Integer[] {300, 400, 500, 600, 800, 1200, 2400, 4000, 6000, 9000});
        boolean electric = oneIn(3);
        int watts = any(new Integer[] {200, 300, 500, 900, 1800, 2200, 2200, 3500});
        HeatSource heat = oneIn(2)
                ? HeatSource.USUAL
                : HeatSource.of(electric ? any(HeatSource.Kind.values()) : HeatSource.Kind.BUTANE, watts, null, null);
        if (heat.kind().isElectric() && oneIn(2)) {
            heat = HeatSource.of(heat.kind(), watts, "c1", null);
        }
        return new Pot(
                id,
                id,
                ml,
                any(new Integer[] {25, 40, 50, 50, 60, 67}),
                1 + random.nextInt(6),
                sides,
                any(PotKind.values()),
                oneIn(5)
                        ? new PotSize(
                                150 + random.nextInt(200),
                                oneIn(2) ? 150.0 + random.nextInt(100) : null,
                                50 + random.nextInt(80))
                        : null,
                heat,
                oneIn(8)
                        ? briefs.guests.stream()
                                .map(Guest::id)
                                .filter(g -> oneIn(2))
                                .toList()
                        : null,
                null,
                later.nextInt(3) == 0 ? Boil.values()[later.nextInt(Boil.values().length)] : Boil.SIMMER);
    }

    private Decisions decisions() {
        List<Decisions.PortionPin> portions = new ArrayList<>();
        List<Decisions.SplashChoice> splashes = new ArrayList<>();
        for (Guest guest : briefs.guests) {
            if (oneIn(8)) {
                portions.add(new Decisions.PortionPin(guest.id(), any(menu).cut(), random.nextInt(4) * 50));
            }
            if (oneIn(4)) {
                splashes.add(
                        new Decisions.SplashChoice(guest.id(), any(briefs.pots).id()));
            }
        }
        List<Decisions.DropPin> drops = new ArrayList<>();
        if (oneIn(3)) {
            String side = any(any(briefs.pots).sides()).id();
            drops.add(new Decisions.DropPin(any(menu).cut(), side, 1, side, random.nextInt(60)));
        }
        return new Decisions(portions, List.of(), List.of(), drops, splashes, oneIn(3) ? trades() : List.of());
    }

    private List<Decisions.Trade> trades() {
        Catalogue catalogue = Catalogue.builtIn();
        for (MenuItem from : menu) {
            for (MenuItem to : menu) {
                boolean known = catalogue.findCut(from.cut()).isPresent()
                        && catalogue.findCut(to.cut()).isPresent();
                if (known && from != to) {
                    Ingredient a = catalogue.ingredientOf(catalogue.cut(from.cut()));
                    Ingredient b = catalogue.ingredientOf(catalogue.cut(to.cut()));
                    if (a.category() == b.category() && !a.equals(b)) {
                        return List.of(new Decisions.Trade(from.cut(), to.cut(), any(new Integer[] {1, 50, 2000})));
                    }
                }
            }
        }
        return List.of();
    }
}
