package org.livelyladle.core.portions;

import static org.livelyladle.core.measure.Operation.MINIMUM;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** What a guest eats of each category: the own portion, and what moves in from categories with nothing to eat. */
record Budgets(Brief brief, Ledger ledger, KitchenText text) {
    private static final double NEGLIGIBLE_G = 1e-9;

    Figure factor(Guest guest) {
        double share = guest.eatsUsualPortion() ? 1 : guest.portionPercent() / 100.0;
        double factor = guest.appetite().factor() * share;
        return ledger.figure("factor." + guest.id(), factor, "1", KitchenText.number(factor, 2))
                .by(
                        "Appetite of " + guest.name(),
                        "A " + guest.appetite().label() + (guest.eatsUsualPortion() ? "" : " x part of the portion"),
                        PRODUCT,
                        () -> Stream.of(
                                        Term.of(
                                                guest.appetite().label(),
                                                guest.appetite().factor(),
                                                "1",
                                                KitchenText.number(
                                                        guest.appetite().factor(), 2),
                                                "0.30 lb of sliced meat for a regular eater, 0.50 lb for a big one",
                                                guest.appetite().mark()),
                                        Term.of(
                                                "part of the usual portion",
                                                share,
                                                "1",
                                                guest.portionPercent() + " %",
                                                "your choice",
                                                Mark.HOST))
                                .limit(guest.eatsUsualPortion() ? 1 : 2)
                                .toList());
    }

    /** Appetite x portion per adult of a category [g]. */
    Figure own(Guest guest, Figure factor, Category category) {
        double portion = brief.portionsPerAdult().get(category);
        double grams = factor.value() * portion;
        boolean usual = portion == category.gramsPerAdult();
        Mark mark = !usual ? Mark.HOST : category == Category.MEAT ? Mark.COMMON_PRACTICE : Mark.MEMORY;
        return ledger.figure("own." + guest.id() + "." + category, grams, "g", text.grams(grams))
                .by(
                        guest.name() + "'s " + category.label(),
                        "Appetite x portion per adult",
                        PRODUCT,
                        () -> List.of(
                                Term.of("appetite", factor),
                                Term.of(
                                        "portion per adult",
                                        portion,
                                        "g",
                                        text.grams(portion),
                                        usual ? category.source() : "set for this party",
                                        mark)));
    }

    /** What moves into a category from another [g]. */
    record Inflow(Category from, Figure grams) {}

    /**
     * What moves into each open category from those with nothing to eat.
     *
     * @param onMenu categories the menu has something of
     */
    Map<Category, List<Inflow>> inflows(
            Guest guest, Map<Category, Figure> own, Set<Category> open, Set<Category> onMenu) {
        Map<Category, List<Inflow>> inflows = new EnumMap<>(Category.class);
        for (Category from : Category.served()) {
            if (open.contains(from) || own.get(from).value() == 0) {
                continue;
            }
            Map<Category, Double> weights = Reflow.from(from, open, !onMenu.contains(from));
            double all = sumOf(weights);
            weights.forEach((to, weight) -> {
                double grams = own.get(from).value() * weight / all;
                Figure figure = ledger.figure(
                                "reflow." + guest.id() + "." + from + "." + to, grams, "g", text.grams(grams))
                        .by(
                                guest.name() + ": " + from.label() + " becomes " + to.label(),
                                "What a guest does not eat in one category is eaten in others",
                                SHARE,
                                () -> List.of(
                                        Term.of(from.label() + " not eaten", own.get(from)),
                                        weight("weight of " + to.label(), weight),
                                        weight("all weights", all)));
                inflows.computeIfAbsent(to, c -> new ArrayList<>()).add(new Inflow(from, figure));
            });
        }
        return inflows;
    }

    Figure budget(Guest guest, Category category, Figure own, List<Inflow> inflows) {
        double grams = own.value() + sum(inflows.stream().map(Inflow::grams).toList());
        return ledger.figure("budget." + guest.id() + "." + category, grams, "g", text.grams(grams))
                .by(
                        guest.name() + "'s " + category.label() + " in all",
                        "Own portion and what moved here from categories with nothing to eat",
                        SUM,
                        () -> {
                            List<Term> terms = new ArrayList<>();
                            terms.add(Term.of("own portion", own));
                            inflows.forEach(inflow ->
                                    terms.add(Term.of("from " + inflow.from().label(), inflow.grams())));
                            return terms;
                        });
    }

    /**
     * Nobody eats more than so much of one food: what is over in one category moves to the others that have room, as far
     * as they have.
     *
     * @param budgets by open category; changed in place
     * @param most what each of them can take [g]
     * @return what finds no place [g]
     */
    double level(Guest guest, Map<Category, Figure> budgets, Map<Category, Double> most) {
        double left = 0;
        for (Category from : List.copyOf(budgets.keySet())) {
            double over = budgets.get(from).value() - most.get(from);
            if (over > NEGLIGIBLE_G) {
                Set<Category> roomy = budgets.keySet().stream()
                        .filter(to ->
                                to != from && most.get(to) - budgets.get(to).value() > NEGLIGIBLE_G)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Category.class)));
                budgets.put(from, capped(guest, from, budgets.get(from), most.get(from)));
                left += move(guest, from, over, Reflow.from(from, roomy, false), budgets, most);
            }
        }
        return left;
    }

    private double move(
            Guest guest,
            Category from,
            double over,
            Map<Category, Double> weights,
            Map<Category, Figure> budgets,
            Map<Category, Double> most) {
        double all = sumOf(weights);
        double left = over;
        for (Map.Entry<Category, Double> to : weights.entrySet()) {
            double part = over * to.getValue() / all;
            Figure before = budgets.get(to.getKey());
            double moved = Math.min(part, most.get(to.getKey()) - before.value());
            budgets.put(to.getKey(), joined(guest, from, to.getKey(), before, moved));
            left -= moved;
        }
        return left;
    }

    private Figure capped(Guest guest, Category category, Figure budget, double most) {
        return ledger.figure("capped." + guest.id() + "." + category, most, "g", text.grams(most))
                .by(
                        guest.name() + "'s " + category.label() + ", as far as one eats of it",
                        "No more of one food than a person eats of it; the rest moves to other kinds",
                        MINIMUM,
                        () -> List.of(
                                Term.of("budget", budget),
                                Term.of(
                                        "most of all its foods",
                                        most,
                                        "g",
                                        text.grams(most),
                                        text.grams(category.mostOfOne()) + " of each by appetite",
                                        Mark.MEMORY)));
    }

    private Figure joined(Guest guest, Category from, Category to, Figure before, double moved) {
        double grams = before.value() + moved;
        return ledger.figure("joined." + guest.id() + "." + from + "." + to, grams, "g", text.grams(grams))
                .by(
                        guest.name() + "'s " + to.label() + " with more than one eats of " + from.label(),
                        "Budget and what moved here",
                        SUM,
                        () -> List.of(
                                Term.of("budget", before),
                                Term.of("from " + from.label(), moved, "g", text.grams(moved), "", Mark.COMPUTED)));
    }

    private static double sumOf(Map<Category, Double> weights) {
        return weights.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    static Term weight(String label, double weight) {
        return Term.of(label, weight, "1", KitchenText.number(weight, 2), "", Mark.MEMORY);
    }

    static double sum(Iterable<Figure> figures) {
        double sum = 0;
        for (Figure figure : figures) {
            sum += figure.value();
        }
        return sum;
    }
}
