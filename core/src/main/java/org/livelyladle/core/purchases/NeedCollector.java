package org.livelyladle.core.purchases;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.QUOTIENT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.EndingPlan;

/** Adds up what portions, broths and sauces need of each ingredient, and takes off what is there. */
final class NeedCollector {
    /**
     * @param atHome all of it is in the house
     * @param asBought the host said how many packs there are: none are bought on top
     */
    private record Use(String label, Figure amount, boolean atHome, boolean asBought) {}

    private final Brief brief;
    private final Catalogue catalogue;
    private final Facts facts;
    private final Ledger ledger;
    private final KitchenText text;
    private final Map<String, List<Use>> uses = new LinkedHashMap<>();

    NeedCollector(Brief brief, Catalogue catalogue, Facts facts, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.facts = facts;
        this.ledger = ledger;
        this.text = text;
    }

    List<Purchases.Need> collect(
            Portions portions, Broths broths, Sauces sauces, Extras extras, @Nullable EndingPlan ending) {
        portions.cuts().forEach(cut -> {
            MenuItem item = brief.item(cut.cut());
            boolean asBought = item.amount() != null && item.amount().unit().isAsBought();
            use(catalogue.cut(cut.cut()).ingredient(), new Use(cut.name(), cut.grams(), item.isAtHome(), asBought));
        });
        broths.needs()
                .forEach(broth -> broth.parts().forEach(part -> use(part.ingredient(), broth.name(), part.grams())));
        sauces.needs()
                .forEach(sauce -> sauce.parts().forEach(part -> use(part.ingredient(), sauce.name(), part.grams())));
        sauces.bar().needs().forEach(need -> use(need.ingredient(), "Sauce bar", need.grams()));
        extras.needs().forEach(need -> use(need.ingredient(), "Beside the pots", need.grams()));
        if (ending != null) {
            ending.parts().forEach(part -> use(part.ingredient(), "The ending", amount(part)));
        }
        return uses.entrySet().stream()
                .map(entry -> need(catalogue.ingredient(entry.getKey()), entry.getValue()))
                .toList();
    }

    private Figure amount(EndingPlan.Part part) {
        return grams("ending." + part.ingredient(), part.grams())
                .by(
                        part.name() + " for the ending",
                        "Eaters by appetite x amount each",
                        PRODUCT,
                        () -> List.of(
                                Term.of(
                                        "eaters",
                                        part.portions(),
                                        "1",
                                        KitchenText.number(part.portions(), 2),
                                        "",
                                        Mark.COMPUTED),
                                Term.of("each", part.each(), "g", text.exactGrams(part.each()), "", Mark.MEMORY)));
    }

    private void use(String ingredient, String label, Figure grams) {
        use(ingredient, new Use(label, grams, false, false));
    }

    private void use(String ingredient, Use use) {
        if (use.amount().value() > 0) {
            uses.computeIfAbsent(ingredient, id -> new ArrayList<>()).add(use);
        }
    }

    private Purchases.Need need(Ingredient ingredient, List<Use> uses) {
        String id = ingredient.id();
        double used = uses.stream().mapToDouble(use -> use.amount().value()).sum();
        Figure table = grams("used." + id, used)
                .by(
                        ingredient.name() + " used",
                        "What is eaten and what goes into broths and sauces",
                        SUM,
                        () -> uses.stream()
                                .map(use -> Term.of(use.label(), use.amount()))
                                .toList());
        Figure need = grams("need." + id, used / ingredient.edibleShare())
                .by(
                        ingredient.name() + " needed",
                        "Used / edible share, since peel, shells and trimmings are bought too",
                        QUOTIENT,
                        () -> List.of(
                                Term.of("used", table),
                                Term.of(
                                        "edible share",
                                        ingredient.edibleShare(),
                                        "1",
                                        percent(ingredient.edibleShare()),
                                        "catalogue",
                                        ingredient.mark())));
        double factor = uses.stream().anyMatch(Use::asBought) ? 1 : 1 + brief.marginPercent() / 100.0;
        Figure withMargin = grams("margin." + id, need.value() * factor)
                .by(
                        ingredient.name() + " with margin",
                        "Need x margin",
                        PRODUCT,
                        () -> List.of(
                                Term.of("need", need),
                                Term.of(
                                        "margin",
                                        factor,
                                        "1",
                                        percent(factor),
                                        "your margin; none on packs you counted",
                                        Mark.HOST)));
        double atHome = uses.stream()
                .filter(Use::atHome)
                .mapToDouble(use -> use.amount().value())
                .sum();
        return new Purchases.Need(
                id,
                ingredient.name(),
                need,
                withMargin,
                missing(ingredient, withMargin, used == 0 ? 0 : atHome / used));
    }

    /** @param atHome part of it the host said to have, where the pantry does not say how much [1] */
    private Figure missing(Ingredient ingredient, Figure withMargin, double atHome) {
        double home = brief.pantry().stream()
                .filter(item -> item.ingredient().equals(ingredient.id()))
                .mapToDouble(item -> item.against(withMargin.value()))
                .findFirst()
                .orElse(withMargin.value() * atHome);
        double fromHome = Math.min(home, withMargin.value());
        double bought = Math.min(facts.boughtGrams(ingredient.id()), withMargin.value() - fromHome);
        return grams("missing." + ingredient.id(), withMargin.value() - fromHome - bought)
                .by(
                        ingredient.name() + " to buy",
                        "With margin, less what is at home and what is bought, as far as needed",
                        DIFFERENCE,
                        () -> List.of(
                                Term.of("with margin", withMargin),
                                Term.of("at home", fromHome, "g", text.exactGrams(fromHome), "your pantry", Mark.HOST),
                                Term.of("bought", bought, "g", text.exactGrams(bought), "ticked off", Mark.HOST)));
    }

    private Ledger.Draft grams(String id, double grams) {
        return ledger.figure(id, grams, "g", text.exactGrams(grams));
    }

    private static String percent(double share) {
        return KitchenText.number(share * 100, 0) + " %";
    }
}
