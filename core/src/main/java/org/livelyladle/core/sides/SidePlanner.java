package org.livelyladle.core.sides;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.QUOTIENT;
import static org.livelyladle.core.measure.Operation.SHARE;

import java.util.List;
import java.util.function.Supplier;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;

/** Fills the sides and says what each takes: its boil and floor, its largest drop and how soon it recovers. */
public final class SidePlanner {
    private static final double FRIDGE_C = 5;
    /** A stove too weak to bring it back at all counts as this slow [s]. */
    private static final double NEVER_S = 3600;

    private static final double SECONDS_PER_MINUTE = 60;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;

    public SidePlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    public Sides plan() {
        return new Sides(brief.pots().stream()
                .flatMap(pot -> pot.sides().stream().map(side -> plan(pot, side)))
                .toList());
    }

    private SidePlan plan(Pot pot, Side side) {
        Broth broth = catalogue.broth(side.broth());
        Simmer simmer = Simmer.of(brief.altitudeM(), broth.saltPercent(), pot.isGentle());
        Figure capacity = capacity(pot, side);
        Figure fill = fill(pot, side, broth, capacity);
        double ml = fill.value();
        Figure room = volume(
                side,
                "room",
                capacity.value() - ml,
                "Room for food",
                DIFFERENCE,
                () -> List.of(Term.of("to the brim", capacity), Term.of("broth", fill)));
        Figure drop = dropLimit(side, broth, fill, simmer);
        return new SidePlan(
                side.id(),
                pot.id(),
                broth.id(),
                broth.name(),
                broth.tint(),
                pot.basketsPerSide(),
                capacity,
                fill,
                room,
                boil(side, broth, simmer),
                floor(side, broth, simmer),
                drop,
                recovery(pot, side, broth, fill, drop, simmer),
                pace(pot, side, broth, simmer));
    }

    private Figure capacity(Pot pot, Side side) {
        double ml = (double) pot.capacityMl() / pot.sides().size();
        return volume(
                side,
                "capacity",
                ml,
                "A side of " + pot.name() + " to the brim",
                QUOTIENT,
                () -> List.of(
                        host("pot to the brim", pot.capacityMl(), "ml", text.millilitres(pot.capacityMl())),
                        host(
                                "sides",
                                pot.sides().size(),
                                "1",
                                String.valueOf(pot.sides().size()))));
    }

    private Figure fill(Pot pot, Side side, Broth broth, Figure capacity) {
        double ml = capacity.value() * pot.fillPercent() / 100;
        return volume(
                side,
                "fill",
                ml,
                broth.name() + " at the start",
                PRODUCT,
                () -> List.of(
                        Term.of("to the brim", capacity),
                        Term.of(
                                "filled",
                                pot.fillPercent() / 100.0,
                                "1",
                                pot.fillPercent() + " %",
                                "half, two thirds at most: the level rises as food goes in",
                                pot.fillPercent() == 50 ? Mark.COMMON_PRACTICE : Mark.HOST)));
    }

    private Figure boil(Side side, Broth broth, Simmer simmer) {
        return celsius("side.boil." + side.id(), simmer.boilC())
                .by(
                        broth.name() + " boils at",
                        "Water at the pressure of the altitude, and a little hotter for the salt",
                        GIVEN,
                        () -> List.of(
                                degrees(
                                        "boils at",
                                        simmer.boilC(),
                                        "ISO 2533 pressure, saturated steam",
                                        Mark.PUBLISHED),
                                host(
                                        "altitude",
                                        brief.altitudeM(),
                                        "m",
                                        KitchenText.number(brief.altitudeM(), 0) + " m"),
                                Term.of(
                                        "salt",
                                        broth.saltPercent(),
                                        "%",
                                        KitchenText.number(broth.saltPercent(), 2) + " %",
                                        broth.name(),
                                        broth.mark())));
    }

    private Figure floor(Side side, Broth broth, Simmer simmer) {
        return celsius("side.floor." + side.id(), simmer.floorC())
                .by(
                        broth.name() + ": never cooler",
                        text.celsius(85) + ", or 5 K below the boil where that is less, never under "
                                + text.celsius(78),
                        GIVEN,
                        () -> List.of(degrees("floor", simmer.floorC(), "while raw food cooks", Mark.MEMORY)));
    }

    /** Food at once as warm as the broth: {@code M c (simmer - floor) = G c' (floor - fridge)}. */
    private Figure dropLimit(Side side, Broth broth, Figure fill, Simmer simmer) {
        double ratio = HeatUp.BROTH_J_PER_KG_K / HeatUp.FOOD_J_PER_KG_K;
        double falls = simmer.simmerC() - simmer.floorC();
        double warms = 1 / (simmer.floorC() - FRIDGE_C);
        double grams = fill.value() * ratio * falls * warms;
        return ledger.figure("side.drop." + side.id(), grams, "g", text.grams(grams))
                .by(
                        "Largest drop into " + broth.name(),
                        "As much cold food as cools the broth from a simmer to its floor",
                        PRODUCT,
                        () -> List.of(
                                Term.of("broth", fill),
                                Term.of("heat it holds, against food", ratio, "1", "4.1 : 3.5", "", Mark.MEMORY),
                                Term.of(
                                        "the broth may fall",
                                        falls,
                                        "K",
                                        KitchenText.number(falls, 1) + " K",
                                        "from a simmer to the floor",
                                        Mark.COMPUTED),
                                Term.of(
                                        "for each kelvin the food warms",
                                        warms,
                                        "1/K",
                                        "1 / " + KitchenText.number(1 / warms, 1),
                                        "from the fridge, " + text.celsius(FRIDGE_C),
                                        Mark.MEMORY)));
    }

    /** On full with the lid on, food in it. */
    private Figure recovery(Pot pot, Side side, Broth broth, Figure fill, Figure drop, Simmer simmer) {
        int sides = pot.sides().size();
        double watts = pot.heat().effectiveW() / sides;
        double loss = HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2() / sides;
        double joulePerK = fill.value() / 1000 * HeatUp.BROTH_J_PER_KG_K + drop.value() / 1000 * HeatUp.FOOD_J_PER_KG_K;
        double seconds = HeatUp.seconds(joulePerK, simmer.floorC(), simmer.simmerC(), watts, loss, HeatUp.ROOM_C)
                .orElse(NEVER_S);
        double capped = Math.min(NEVER_S, seconds);
        return ledger.figure("side.recovery." + side.id(), capped, "s", KitchenText.seconds(capped))
                .by(
                        broth.name() + ": back to a simmer",
                        "After the largest drop, on full with the lid on",
                        GIVEN,
                        () -> List.of(
                                Term.of("it takes", capped, "s", KitchenText.seconds(capped), "", Mark.COMPUTED),
                                host("reaches the side", watts, "W", watts(watts)),
                                Term.of(
                                        "heats up",
                                        joulePerK,
                                        "J/K",
                                        KitchenText.number(joulePerK / 1000, 1) + " kJ/K",
                                        "broth and food",
                                        Mark.COMPUTED),
                                Term.of(
                                        "lost to the room",
                                        loss,
                                        "W/K",
                                        KitchenText.number(loss, 1) + " W/K",
                                        "10 W/m²K outside",
                                        Mark.MEMORY)));
    }

    /** What is left of the heat beside losses and steam, in food warmed from the fridge. */
    private Figure pace(Pot pot, Side side, Broth broth, Simmer simmer) {
        int sides = pot.sides().size();
        double watts = pot.heat().effectiveW() / sides;
        double loss = HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2() / sides * (simmer.simmerC() - HeatUp.ROOM_C);
        double steam = HeatUp.steamW(pot.isRolling()) / sides;
        double left = Math.max(0, watts - loss - steam);
        double joulePerG = HeatUp.FOOD_J_PER_KG_K / 1000 * (simmer.floorC() - FRIDGE_C);
        double grams = left * SECONDS_PER_MINUTE / joulePerG;
        Figure net = ledger.figure("side.net." + side.id(), left, "W", watts(left))
                .by(
                        broth.name() + ": heat left for food",
                        "What reaches it less losses and steam",
                        left > 0 ? DIFFERENCE : GIVEN,
                        () -> left > 0
                                ? List.of(
                                        host("reaches the side", watts, "W", watts(watts)),
                                        Term.of("lost to the room", loss, "W", watts(loss), "at a simmer", Mark.MEMORY),
                                        Term.of(
                                                "steam",
                                                steam,
                                                "W",
                                                watts(steam),
                                                watts(HeatUp.steamW(pot.isRolling())) + " a pot",
                                                Mark.MEMORY))
                                : List.of(Term.of(
                                        "nothing", 0, "W", "0 W", "all goes into losses and steam", Mark.COMPUTED)));
        return ledger.figure("side.pace." + side.id(), grams, "g/min", text.grams(grams) + " a minute")
                .by(
                        "Food " + broth.name() + " takes on and on",
                        "Heat left for food / heat a gram takes",
                        SHARE,
                        () -> List.of(
                                Term.of("heat left for food", net),
                                Term.of("seconds a minute", SECONDS_PER_MINUTE, "s", "60 s", "", Mark.PUBLISHED),
                                Term.of(
                                        "a gram takes",
                                        joulePerG,
                                        "J/g",
                                        KitchenText.number(joulePerG, 0) + " J/g",
                                        "from the fridge to the floor",
                                        Mark.MEMORY)));
    }

    private static String watts(double watts) {
        return KitchenText.number(watts, 0) + " W";
    }

    private Ledger.Draft celsius(String id, double celsius) {
        return ledger.figure(id, celsius, "°C", text.celsius(celsius));
    }

    private Term degrees(String label, double celsius, String source, Mark mark) {
        return Term.of(label, celsius, "°C", text.celsius(celsius), source, mark);
    }

    private static Term host(String label, double value, String unit, String shown) {
        return Term.of(label, value, unit, shown, "your pot", Mark.HOST);
    }

    private Figure volume(
            Side side, String part, double ml, String title, Operation operation, Supplier<List<Term>> terms) {
        return ledger.figure("side." + part + "." + side.id(), ml, "ml", text.millilitres(ml))
                .by(title, title, operation, terms);
    }
}
