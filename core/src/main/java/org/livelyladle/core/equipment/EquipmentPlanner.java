package org.livelyladle.core.equipment;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;

/** Counts bowls, chopsticks, plates and the rest. */
public final class EquipmentPlanner {
    private static final String COUNT = "1";
    /** A serving plate takes about so much [g]; memory. */
    private static final double PLATE_G = 400;

    private static final Set<Category> RAW = Set.of(Category.MEAT, Category.SEAFOOD);

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final List<Equipment> items = new ArrayList<>();

    public EquipmentPlanner(Brief brief, Catalogue catalogue, Ledger ledger) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
    }

    public List<Equipment> plan(Portions portions, Evening evening, Sauces sauces, Extras extras) {
        if (brief.guests().isEmpty()) {
            return List.of();
        }
        boolean raw =
                brief.menu().stream().anyMatch(item -> catalogue.cut(item.cut()).rawRisk() != RawRisk.NONE);
        perHead("bowls", "Bowls", 1, "one each");
        perHead("chopsticks", "Pairs of chopsticks to eat with", 1, "one pair each");
        if (raw) {
            perHead("raw-chopsticks", "Pairs of chopsticks in another colour", 1, "for raw food only, one pair each");
        }
        count(
                "dishes",
                "Sauce dishes",
                sauces.servings().size() + sauces.bar().guests().size(),
                "a dish for each guest and sauce, one for each who stirs their own");
        count("bar-bowls", "Bowls for the sauce bar", sauces.bar().needs().size(), "one for each thing, with a spoon");
        if (extras.needs().stream().anyMatch(need -> need.kind() == Extra.Kind.DRINK)) {
            perHead("glasses", "Glasses", 1, "one each");
        }
        count(
                "kept-plates",
                "Small plates for what is kept for one guest",
                (int) portions.lines().stream().filter(Portion::reserved).count(),
                "one for each reserved share, with a name on it");
        besidePlates(extras);
        plates("raw-plates", "Plates for raw meat and fish", portions, true, "never used for anything cooked");
        plates("plates", "Plates for all else", portions, false, "turned towards those who use them");
        brief.pots()
                .forEach(pot -> count(
                        "baskets." + pot.id(),
                        "Baskets for the " + KitchenText.lower(pot.name()),
                        pot.basketsPerSide() * pot.sides().size(),
                        pot.basketsPerSide() + " a side"));
        count(
                "ladles",
                "Ladles and slotted spoons",
                2 * brief.sides().size(),
                "one of each a side, so that sides stay apart");
        cartridges(evening.cartridges());
        return List.copyOf(items);
    }

    private void perHead(String id, String name, int each, String remark) {
        int guests = brief.guests().size();
        add(
                id,
                name,
                guests * each,
                remark,
                PRODUCT,
                () -> List.of(
                        given("guests", guests, "your guest list", Mark.HOST),
                        given("each", each, "", Mark.COMMON_PRACTICE)));
    }

    private void count(String id, String name, int count, String remark) {
        if (count > 0) {
            add(id, name, count, remark, SUM, () -> List.of(given(remark, count, "counted", Mark.COMPUTED)));
        }
    }

    private void plates(String id, String name, Portions portions, boolean raw, String remark) {
        List<CutTotal> own = portions.cuts().stream()
                .filter(cut ->
                        RAW.contains(cut.category()) == raw && cut.grams().value() > 0)
                .toList();
        List<Term> terms = new ArrayList<>();
        for (Category category : Category.served()) {
            double grams = own.stream()
                    .filter(cut -> cut.category() == category)
                    .mapToDouble(cut -> cut.grams().value())
                    .sum();
            if (grams > 0) {
                terms.add(given(
                        category.label(), Math.ceil(grams / PLATE_G), "one for each 400 g, kinds apart", Mark.MEMORY));
            }
        }
        if (!terms.isEmpty()) {
            add(id, name, terms.stream().mapToDouble(Term::value).sum(), remark, SUM, () -> terms);
        }
    }

    private void besidePlates(Extras extras) {
        List<Term> terms = extras.needs().stream()
                .filter(need -> !need.kind().isPoured() && need.grams().value() > 0)
                .map(need -> given(
                        need.name(), Math.ceil(need.grams().value() / PLATE_G), "one for each 400 g", Mark.MEMORY))
                .toList();
        if (!terms.isEmpty()) {
            add(
                    "beside-plates",
                    "Plates for starters, herbs and wraps",
                    terms.stream().mapToDouble(Term::value).sum(),
                    "apart from anything raw",
                    SUM,
                    () -> terms);
        }
    }

    /** A spare for the table is among them. */
    private void cartridges(@Nullable Figure planned) {
        if (planned != null) {
            add(
                    "cartridges",
                    "Butane cartridges of 220 g",
                    planned.value(),
                    "with one spare; change it with the flame out and cool, after the maker's instructions",
                    SUM,
                    () -> List.of(Term.of("burnt, and a spare", planned)));
        }
    }

    private void add(
            String id, String name, double count, String remark, Operation operation, Supplier<List<Term>> terms) {
        Figure figure = ledger.figure("equipment." + id, count, COUNT, KitchenText.number(count, 0))
                .by(name, remark, operation, terms);
        items.add(new Equipment(name, figure, remark));
    }

    private static Term given(String label, double value, String source, Mark mark) {
        return Term.of(label, value, COUNT, KitchenText.number(value, 0), source, mark);
    }
}
