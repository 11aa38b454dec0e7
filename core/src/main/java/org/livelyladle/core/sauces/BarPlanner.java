package org.livelyladle.core.sauces;

import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.catalogue.BarPart;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/**
 * What to set out on the sauce bar: each bowl shared among the roles a guest can fill, each role among what suits. Where
 * nothing fills a bowl, what seasons one is taken as for a whole one.
 */
final class BarPlanner {
    private record Taken(Guest guest, Figure ml) {}

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    private final List<BarPart> parts;
    private final Map<String, List<Taken>> taken = new LinkedHashMap<>();
    private final List<Sauces.BarClash> clashes = new ArrayList<>();

    BarPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
        this.parts = brief.sauceBar().stream()
                .flatMap(id -> catalogue.findBarPart(id).stream())
                .toList();
    }

    /** True when this guest stirs a bowl of their own here. */
    boolean serves(Guest guest) {
        return Boolean.TRUE.equals(guest.stirsOwnSauce()) && !parts.isEmpty();
    }

    /** False when nothing on the bar suits the guest. */
    boolean serve(Guest guest, Figure budget) {
        Map<BarPart.Role, List<BarPart>> open = new LinkedHashMap<>();
        for (BarPart part : parts) {
            Content content = Content.of(catalogue.ingredient(part.ingredient()));
            List<Need> broken = Needs.brokenByEating(guest, content);
            if (!broken.isEmpty()) {
                clashes.add(new Sauces.BarClash(guest.id(), part.ingredient(), Needs.labels(broken, content)));
            } else if (part.role() != BarPart.Role.HOT || guest.heat().compareTo(Heat.MEDIUM) >= 0) {
                open.computeIfAbsent(part.role(), role -> new ArrayList<>()).add(part);
            }
        }
        Term all = open.keySet().stream().anyMatch(BarPart.Role::fillsABowl)
                ? share(
                        "all roles that can be filled",
                        open.keySet().stream().mapToDouble(BarPart.Role::share).sum())
                : share("a whole bowl: there is nothing here to fill one, only to season", 1);
        open.forEach((role, own) -> own.forEach(part -> take(guest, part, budget, role.share() / own.size(), all)));
        return !open.isEmpty();
    }

    private void take(Guest guest, BarPart part, Figure budget, double share, Term all) {
        double ml = budget.value() * share / all.value();
        String name = catalogue.ingredient(part.ingredient()).name();
        Figure figure = ledger.figure("bar." + guest.id() + "." + part.ingredient(), ml, "ml", text.spoons(ml))
                .by(
                        guest.name() + ": " + name,
                        "Bowl shared among the roles that can be filled, a role evenly among what suits",
                        SHARE,
                        () -> List.of(
                                Term.of("bowl", budget), share(part.role().label() + ", this one of it", share), all));
        taken.computeIfAbsent(part.ingredient(), id -> new ArrayList<>()).add(new Taken(guest, figure));
    }

    private static Term share(String label, double share) {
        return Term.of(label, share, "1", KitchenText.number(share * 100, 1) + " %", "", Mark.MEMORY);
    }

    Sauces.Bar bar() {
        return new Sauces.Bar(
                parts.stream()
                        .filter(part -> taken.containsKey(part.ingredient()))
                        .map(this::need)
                        .toList(),
                clashes,
                brief.guests().stream().filter(this::serves).map(Guest::id).toList());
    }

    private Sauces.BarNeed need(BarPart part) {
        Ingredient ingredient = catalogue.ingredient(part.ingredient());
        List<Taken> own = taken.get(part.ingredient());
        double ml = own.stream().mapToDouble(t -> t.ml().value()).sum();
        Figure volume = ledger.figure("bar." + ingredient.id() + ".ml", ml, "ml", text.spoons(ml))
                .by(
                        ingredient.name() + " on the sauce bar",
                        "What everybody takes",
                        SUM,
                        () -> own.stream()
                                .map(t -> Term.of(t.guest().name(), t.ml()))
                                .toList());
        Figure weight = new ByDensity(ledger, text)
                .grams("bar." + ingredient.id(), ingredient.name() + " on the sauce bar, weight", ingredient, volume);
        return new Sauces.BarNeed(
                ingredient.id(), ingredient.name(), part.role().label(), volume, weight);
    }
}
