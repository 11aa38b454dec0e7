package org.livelyladle.core.broths;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.QUOTIENT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;

/** Fills the sides and scales the broths. */
public final class BrothPlanner {
    /** Largest drop a litre of simmering broth takes [g/l]; order of 180 to 240, memory. */
    private static final double DROP_G_PER_L = 220;
    /** Broth kept hot for topping up, as a share of the fill; memory. */
    private static final double RESERVE_SHARE = 0.4;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;

    public BrothPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    public Broths plan() {
        List<SidePlan> sides = brief.pots().stream()
                .flatMap(pot -> pot.sides().stream().map(side -> fill(pot, side)))
                .toList();
        Map<String, List<SidePlan>> byBroth = new LinkedHashMap<>();
        sides.forEach(side -> byBroth.computeIfAbsent(side.broth(), b -> new java.util.ArrayList<>())
                .add(side));
        List<BrothNeed> needs = byBroth.entrySet().stream()
                .map(entry -> need(catalogue.broth(entry.getKey()), entry.getValue()))
                .toList();
        return new Broths(sides, needs);
    }

    private SidePlan fill(Pot pot, Side side) {
        Broth broth = catalogue.broth(side.broth());
        double capacityMl = (double) pot.capacityMl() / pot.sides().size();
        double fillMl = capacityMl * pot.fillPercent() / 100;
        Figure capacity = volume(
                side,
                "capacity",
                capacityMl,
                "A side of " + pot.name() + " to the brim",
                QUOTIENT,
                () -> List.of(
                        host("pot to the brim", pot.capacityMl(), "ml", text.millilitres(pot.capacityMl())),
                        host(
                                "sides",
                                pot.sides().size(),
                                "1",
                                String.valueOf(pot.sides().size()))));
        Figure fill = volume(
                side,
                "fill",
                fillMl,
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
        Figure room = volume(
                side,
                "room",
                capacityMl - fillMl,
                "Room for food",
                DIFFERENCE,
                () -> List.of(Term.of("to the brim", capacity), Term.of("broth", fill)));
        Figure reserve = volume(
                side,
                "reserve",
                fillMl * RESERVE_SHARE,
                "Reserve of " + broth.name(),
                PRODUCT,
                () -> List.of(
                        Term.of("broth at the start", fill),
                        Term.of(
                                "kept for topping up",
                                RESERVE_SHARE,
                                "1",
                                "40 %",
                                "for what boils off and is ladled out",
                                Mark.MEMORY)));
        double limit = fillMl / 1000 * DROP_G_PER_L;
        Figure drop = ledger.figure("side.drop." + side.id(), limit, "g", text.grams(limit))
                .by(
                        "Largest drop into " + broth.name(),
                        "So that the simmer comes back soon",
                        PRODUCT,
                        () -> List.of(
                                Term.of(
                                        "broth",
                                        fillMl / 1000,
                                        "l",
                                        text.millilitres(fillMl),
                                        "the side's fill",
                                        Mark.COMPUTED),
                                Term.of(
                                        "a litre takes",
                                        DROP_G_PER_L,
                                        "g/l",
                                        "220 g",
                                        "order of 180 to 240 g",
                                        Mark.MEMORY)));
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
                drop,
                reserve);
    }

    private static Term host(String label, double value, String unit, String shown) {
        return Term.of(label, value, unit, shown, "your pot", Mark.HOST);
    }

    private Figure volume(
            Side side,
            String part,
            double ml,
            String title,
            Operation operation,
            java.util.function.Supplier<List<Term>> terms) {
        return ledger.figure("side." + part + "." + side.id(), ml, "ml", text.millilitres(ml))
                .by(title, title, operation, terms);
    }

    private BrothNeed need(Broth broth, List<SidePlan> sides) {
        double ml = sides.stream()
                .mapToDouble(side -> side.fill().value() + side.reserve().value())
                .sum();
        Figure make = ledger.figure("broth." + broth.id(), ml, "ml", text.millilitres(ml))
                .by(
                        broth.name() + " to make",
                        "Fill and reserve of every side that holds it",
                        SUM,
                        () -> sides.stream()
                                .flatMap(side ->
                                        Stream.of(Term.of("fill", side.fill()), Term.of("reserve", side.reserve())))
                                .toList());
        return new BrothNeed(
                broth.id(),
                broth.name(),
                make,
                broth.parts().stream().map(part -> part(broth, part, ml)).toList());
    }

    private BrothNeed.PartNeed part(Broth broth, Broth.Part part, double ml) {
        String name = catalogue.ingredient(part.ingredient()).name();
        double grams = ml / 1000 * part.gramsPerLitre();
        Figure figure = ledger.figure("broth." + broth.id() + "." + part.ingredient(), grams, "g", text.grams(grams))
                .by(
                        name + " for " + broth.name(),
                        "Broth to make x grams per litre",
                        PRODUCT,
                        () -> List.of(
                                Term.of("broth to make", ml / 1000, "l", text.millilitres(ml), "", Mark.COMPUTED),
                                Term.of(
                                        "per litre",
                                        part.gramsPerLitre(),
                                        "g/l",
                                        text.exactGrams(part.gramsPerLitre()),
                                        "recipe of " + broth.name(),
                                        broth.mark())));
        return new BrothNeed.PartNeed(part.ingredient(), name, figure);
    }
}
