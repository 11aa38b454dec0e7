package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;

/** All tasks before sitting down, read off what the plan comes to. Durations grow with the amount by a stated rule. */
final class JobBuilder {
    /** There, through the shop and back, put away; memory [min]. */
    private static final int TRIP_MINUTES = 45;

    private static final int SECONDS = 60;
    private static final double PLATE_MINUTES = 1;
    /** Rice from dry to cooked, and somebody at it; memory [min]. */
    private static final int RICE_MINUTES = 25;

    private static final int RICE_HANDS = 6;
    private static final int ONE_DAY = 1440;
    /** Table and kitchen in numbers; common practice [min]. */
    private static final double TABLE_MINUTES = 1;

    private static final double PLACE_MINUTES = 0.75;
    private static final double STOVE_MINUTES = 1;
    private static final double CHECK_MINUTES = 1;
    private static final double LOOK_MINUTES = 0.1;
    private static final double BRING_MINUTES = 0.3;
    /** With the plates out before sitting down, a longer one passes two hours [min]. */
    private static final int LONG_MEAL_MINUTES = 90;

    /** A bottle from room to fridge temperature; memory [min]. */
    private static final int CHILL_MINUTES = 150;
    /** A sauce with raw egg is stirred last; memory [min]. */
    private static final int RAW_EGG_KEEPS_MINUTES = 90;

    private static final double LITRES_PER_KG_OF_DRINKS = 1.3;
    private static final int CHILL_HANDS = 3;
    /** Of herbs, cucumbers and the like, each; memory [min]. */
    private static final double CUT_MINUTES = 3;
    /** Water to the boil, and green soybeans in it; common practice [min]. */
    private static final double BOIL_MINUTES = 11;

    private static final double BOIL_MINUTES_A_KG = 4;
    private static final int BOIL_HANDS = 3;
    private static final int BESIDE_KEEPS_MINUTES = 480;

    private final Brief brief;
    private final Catalogue catalogue;
    private final PrepClock clock;
    private final List<JobDraft> drafts = new ArrayList<>();

    JobBuilder(Brief brief, Catalogue catalogue, PrepClock clock) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    List<Job> build(PrepInputs inputs) {
        Supplies supplies = Supplies.of(inputs.purchases());
        inputs.purchases().trips().stream()
                .filter(trip -> supplies.timeOf().containsKey(trip.id()))
                .forEach(this::trip);
        drafts.addAll(new BrothJobs(brief, catalogue, supplies).build(inputs.broths()));
        CutJobs.Food food = new CutJobs(brief, catalogue, supplies, clock).build(inputs.portions());
        drafts.addAll(food.jobs());
        inputs.sauces().needs().stream().filter(need -> need.make().value() > 0).forEach(need -> sauce(need, supplies));
        bar(inputs.sauces().bar(), supplies);
        Stream.of(Extra.Served.values()).forEach(served -> beside(served, inputs.extras(), supplies));
        if (inputs.ending() != null) {
            ending(inputs.ending(), supplies);
        }
        table(food, things(inputs));
        preload(inputs.preloads());
        return drafts.stream().map(draft -> draft.decided(brief.decisions())).toList();
    }

    private JobDraft add(String id, PrepTask.Group group, String what) {
        JobDraft draft = new JobDraft(id, group, what);
        drafts.add(draft);
        return draft;
    }

    private void trip(Purchases.Trip trip) {
        long open =
                trip.lines().stream().filter(line -> line.boughtEvent() == null).count();
        String hours = brief.shops().stream()
                .filter(shop -> shop.id().equals(trip.shop()) && shop.closes() != null)
                .findFirst()
                .map(Shop::closes)
                .map(closes -> "; it closes at " + closes)
                .orElse("");
        add(Supplies.taskOf(trip.id()), PrepTask.Group.SHOPPING, "Shop at " + trip.name())
                .of(open + (open == 1 ? " thing" : " things") + " to buy")
                .takes(TRIP_MINUTES)
                .because("there, through the shop and back" + hours)
                .warning("Cold and frozen things last into the basket, first into the fridge.")
                .fixed(clock.minute(trip.at()));
    }

    private void sauce(Sauces.SauceNeed need, Supplies supplies) {
        add("sauce:" + need.sauce(), PrepTask.Group.SAUCE, "Stir: " + KitchenText.lower(need.name()))
                .of(need.make().text())
                .with("bowl and whisk")
                .takes(catalogue.sauce(need.sauce()).minutes())
                .after(supplies.before(
                        need.parts().stream().map(Sauces.PartNeed::ingredient).toList()))
                .keeps(need.caution().isEmpty() ? 1440 : RAW_EGG_KEEPS_MINUTES)
                .warning(need.caution());
    }

    private void bar(Sauces.Bar bar, Supplies supplies) {
        if (bar.needs().isEmpty()) {
            return;
        }
        add("sauce:bar", PrepTask.Group.SAUCE, "Set out the sauce bar")
                .of(bar.needs().size() + " bowls")
                .with("bowls and spoons")
                .takes(0, PLATE_MINUTES, bar.needs().size(), "a bowl")
                .after(supplies.before(
                        bar.needs().stream().map(Sauces.BarNeed::ingredient).toList()))
                .keeps(240)
                .warning("A spoon for each bowl, so that allergens stay where they are.");
    }

    /** What is served alike is made ready in one go. */
    private void beside(Extra.Served served, Extras extras, Supplies supplies) {
        List<Extras.ExtraNeed> own = extras.needs().stream()
                .filter(need -> need.grams().value() > 0)
                .filter(need ->
                        catalogue.findExtra(need.ingredient()).orElseThrow().served() == served)
                .toList();
        if (own.isEmpty()) {
            return;
        }
        String names = own.stream().map(need -> KitchenText.lower(need.name())).collect(Collectors.joining(", "));
        double kg = own.stream().mapToDouble(need -> need.grams().value()).sum() / 1000;
        String verb = switch (served) {
            case CHILL -> "Chill: ";
            case CUT -> "Wash, cut and set out: ";
            case KEEP_FROM_AIR -> "Cut and keep from browning: ";
            case BOIL -> "Boil and set out: ";
            case SET_OUT -> "Set out: ";
        };
        JobDraft draft = add("beside:" + served.name().toLowerCase(Locale.ROOT), PrepTask.Group.TABLE, verb + names)
                .after(supplies.before(
                        own.stream().map(Extras.ExtraNeed::ingredient).toList()));
        switch (served) {
            case CHILL ->
                draft.with("fridge")
                        .at(Station.FRIDGE, false)
                        .litres(kg * LITRES_PER_KG_OF_DRINKS)
                        .takes(CHILL_MINUTES)
                        .passive(CHILL_HANDS);
            case CUT ->
                draft.with("knife and bowls")
                        .at(Station.VEGETABLE_BOARD, true)
                        .takes(0, CUT_MINUTES, own.size(), "each")
                        .keeps(BESIDE_KEEPS_MINUTES);
            case KEEP_FROM_AIR ->
                draft.with("knife, bowl of water with lime juice")
                        .at(Station.VEGETABLE_BOARD, true)
                        .takes(0, CUT_MINUTES, own.size(), "each")
                        .keeps(BESIDE_KEEPS_MINUTES)
                        .warning("Under water with a squeeze of lime; drain and set out when people sit down.");
            case BOIL ->
                draft.with("pot and sieve")
                        .at(Station.RING, false)
                        .takes(BOIL_MINUTES, BOIL_MINUTES_A_KG, kg, "a kg")
                        .passive(BOIL_HANDS)
                        .keeps(BESIDE_KEEPS_MINUTES)
                        .warning("Straight from the freezer into boiling salted water; hot right through.");
            case SET_OUT ->
                draft.with("bowls").takes(0, PLATE_MINUTES, own.size(), "each").keeps(BESIDE_KEEPS_MINUTES);
        }
    }

    private void ending(EndingPlan ending, Supplies supplies) {
        for (EndingPlan.Part part : ending.parts()) {
            boolean rice = part.ingredient().equals("rice");
            JobDraft draft = add(
                            "ending:" + part.ingredient(),
                            PrepTask.Group.TABLE,
                            (rice ? "Cook and chill for the ending: " : "Set out for the ending: ")
                                    + KitchenText.lower(part.name()))
                    .of(Math.round(part.grams()) + " g")
                    .after(supplies.before(List.of(part.ingredient())))
                    .keeps(ONE_DAY);
            if (rice) {
                draft.with("pot and a flat box")
                        .at(Station.RING, false)
                        .takes(RICE_MINUTES)
                        .passive(RICE_HANDS)
                        .warning("Cool it fast, into the fridge within the hour, and heat it through at the table.");
            } else {
                draft.with("bowl").takes(PLATE_MINUTES).warning("From the fridge as late as can be.");
            }
        }
    }

    private void table(CutJobs.Food food, List<String> things) {
        if (brief.pots().stream().anyMatch(pot -> pot.heat().kind() == HeatSource.Kind.BUTANE)) {
            add("table:stoves", PrepTask.Group.TABLE, "Check stoves and spare cartridges")
                    .takes(STOVE_MINUTES)
                    .warning("Cartridge seated and locked, nothing near the flame, a window to open.");
        }
        add("table:lay", PrepTask.Group.TABLE, "Lay the table, ladles, baskets and tongs too")
                .of(brief.guests().size() + (brief.guests().size() == 1 ? " place" : " places"))
                .takes(TABLE_MINUTES, PLACE_MINUTES, brief.guests().size(), "a place")
                .warning("Two pairs of chopsticks each: one for raw food, another to eat with.");
        add("table:bring", PrepTask.Group.TABLE, "Bring the plates to the table")
                .of(food.plates() + (food.plates() == 1 ? " plate" : " plates"))
                .takes(BRING_MINUTES, BRING_MINUTES, food.plates(), "a plate")
                .after(food.brought())
                .after(List.of("table:lay"))
                .keeps(60)
                .warning(bringing(food));
        add("table:check", PrepTask.Group.TABLE, "Check fridge and table against the plan")
                .of(things.size() + (things.size() == 1 ? " thing" : " things"))
                .takes(CHECK_MINUTES, LOOK_MINUTES, things.size(), "a thing")
                .after(List.of("table:bring"))
                .things(things)
                .warning("Something is always left in the fridge: tick it off where it lies.");
        arrival();
    }

    /** Slow things go in before anybody sits down: somebody must know of it then. */
    private void preload(List<Drop> preloads) {
        for (int i = 0; i < preloads.size(); i++) {
            preload(preloads.get(i)).warning(i == 0 ? "Only into broth that simmers." : "");
        }
    }

    private JobDraft preload(Drop drop) {
        Side side = brief.sides().stream()
                .filter(one -> one.id().equals(drop.side()))
                .findFirst()
                .orElseThrow();
        boolean frozen = brief.item(drop.cut()).goesInFrozen(catalogue.cut(drop.cut()));
        String where = catalogue.broth(side.broth()).name() + ", "
                + brief.potOf(drop.side()).name();
        return add(
                        "put-in:" + drop.cut() + ":" + drop.homeSide() + ":" + drop.batch(),
                        PrepTask.Group.TABLE,
                        "Put in: " + KitchenText.lower(drop.name()) + (frozen ? ", from the freezer" : ""))
                .of(drop.amount() + " into " + KitchenText.lower(where))
                .takes(1)
                .because("it is ready when it should be eaten")
                .passive(0)
                .fixed(Math.floorDiv(drop.putIn(), SECONDS));
    }

    /** Raw food stands out no longer than two hours: of a long meal half of it waits; FSIS consumer guidance. */
    private String bringing(CutJobs.Food food) {
        String all = "Raw ones last, straight from the fridge, apart from what is eaten as it is.";
        return food.rawPlates() > 0 && brief.mealMinutes() > LONG_MEAL_MINUTES
                ? all + " Half of the raw plates wait in the fridge for the second half: never two hours out."
                : all;
    }

    /** What must be there when everybody sits down, and where it lies. */
    private List<String> things(PrepInputs inputs) {
        Stream<String> food = inputs.portions().cuts().stream()
                .filter(total -> total.grams().value() > 0)
                .map(total -> total.name() + ", " + total.grams().text() + ": "
                        + CutJobs.place(brief, catalogue.cut(total.cut())));
        Stream<String> sauces = inputs.sauces().needs().stream()
                .filter(need -> need.make().value() > 0)
                .map(need -> need.name() + ", " + need.make().text() + ": fridge");
        Stream<String> bar =
                inputs.sauces().bar().needs().isEmpty() ? Stream.empty() : Stream.of("The sauce bar: kitchen");
        Stream<String> extras = inputs.extras().needs().stream()
                .filter(need -> need.grams().value() > 0)
                .map(need -> need.name() + ", " + need.amount().text() + ": fridge");
        Stream<String> reserve = inputs.broths().needs().stream()
                .filter(need -> inputs.broths().sides().stream()
                        .anyMatch(side -> side.broth().equals(need.broth())))
                .map(need -> need.name() + ", hot: stove");
        Stream<String> cartridges =
                brief.pots().stream().anyMatch(pot -> pot.heat().kind() == HeatSource.Kind.BUTANE)
                        ? Stream.of("Spare cartridges: beside the table, away from the flame")
                        : Stream.empty();
        return Stream.of(food, sauces, bar, extras, reserve, Stream.of("Ladles, strainers, tongs: table"), cartridges)
                .flatMap(list -> list)
                .toList();
    }

    private void arrival() {
        String late = brief.guests().stream()
                .filter(guest -> guest.arrivesAfterMinutes() > 0)
                .map(guest -> guest.name() + " "
                        + clock.local(guest.arrivesAfterMinutes()).toLocalTime())
                .collect(Collectors.joining(", "));
        long there = brief.guests().stream()
                .filter(guest -> guest.arrivesAfterMinutes() == 0)
                .map(Guest::id)
                .count();
        add("table:arrival", PrepTask.Group.TABLE, "Guests arrive")
                .of(there + " of " + brief.guests().size() + (late.isEmpty() ? "" : "; " + late))
                .takes(Math.max(1, brief.bufferMinutes()))
                .because("your buffer before sitting down")
                .passive(0)
                .warning("Hot pots and flames out of children's reach.")
                .fixed(-Math.max(1, brief.bufferMinutes()));
    }
}
