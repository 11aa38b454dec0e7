package org.livelyladle.core.portions;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    /** What moves into each open category from those with nothing to eat [g]. */
    Map<Category, List<Figure>> inflows(Guest guest, Map<Category, Figure> own, Set<Category> open) {
        Map<Category, List<Figure>> inflows = new EnumMap<>(Category.class);
        for (Category from : Category.served()) {
            if (open.contains(from) || own.get(from).value() == 0) {
                continue;
            }
            Map<Category, Double> weights = Reflow.from(from, open);
            double all =
                    weights.values().stream().mapToDouble(Double::doubleValue).sum();
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
                inflows.computeIfAbsent(to, c -> new ArrayList<>()).add(figure);
            });
        }
        return inflows;
    }

    Figure budget(Guest guest, Category category, Figure own, List<Figure> inflows) {
        double grams = own.value() + sum(inflows);
        return ledger.figure("budget." + guest.id() + "." + category, grams, "g", text.grams(grams))
                .by(
                        guest.name() + "'s " + category.label() + " in all",
                        "Own portion and what moved here from categories with nothing to eat",
                        SUM,
                        () -> {
                            List<Term> terms = new ArrayList<>();
                            terms.add(Term.of("own portion", own));
                            inflows.forEach(inflow -> terms.add(Term.of(
                                    "from "
                                            + Category.valueOf(inflow.id().split("\\.")[2])
                                                    .label(),
                                    inflow)));
                            return terms;
                        });
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
