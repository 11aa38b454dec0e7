package org.livelyladle.core.extras;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/** Shares each kind of extra among the guests it suits. */
public final class ExtrasPlanner {
    private record Part(Guest guest, Figure amount) {}

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    private final Map<Extra, List<Part>> parts = new LinkedHashMap<>();
    private final List<Extras.Kept> keptFrom = new ArrayList<>();

    public ExtrasPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    public Extras plan(Portions portions) {
        Map<Extra, ExtraChoice> chosen = new LinkedHashMap<>();
        brief.extras().stream()
                .forEach(choice ->
                        catalogue.findExtra(choice.ingredient()).ifPresent(extra -> chosen.put(extra, choice)));
        chosen.keySet().forEach(extra -> parts.put(extra, new ArrayList<>()));
        for (int i = 0; i < brief.guests().size(); i++) {
            serve(brief.guests().get(i), portions.guests().get(i).factor(), chosen);
        }
        List<Extras.ExtraNeed> needs = parts.entrySet().stream()
                .map(entry -> need(entry.getKey(), entry.getValue()))
                .toList();
        return new Extras(needs, keptFrom);
    }

    private void serve(Guest guest, Figure appetite, Map<Extra, ExtraChoice> chosen) {
        List<Extra> open =
                chosen.keySet().stream().filter(extra -> suits(guest, extra)).toList();
        Map<Extra.Kind, List<Extra>> shared = new EnumMap<>(Extra.Kind.class);
        for (Extra extra : open) {
            Double own = Objects.requireNonNull(chosen.get(extra)).perAdult();
            if (own == null) {
                shared.computeIfAbsent(extra.kind(), kind -> new ArrayList<>()).add(extra);
            } else {
                give(
                        guest,
                        extra,
                        budget(guest, extra.ingredient(), extra.kind(), appetite, own, Mark.HOST),
                        extra.weight());
            }
        }
        shared.forEach((kind, extras) -> {
            double all = Math.max(1, extras.stream().mapToDouble(Extra::weight).sum());
            Figure budget = budget(guest, kind.name(), kind, appetite, kind.perAdult(), Mark.MEMORY);
            extras.forEach(extra -> give(guest, extra, budget, all));
        });
    }

    private boolean suits(Guest guest, Extra extra) {
        String reason = reason(guest, extra);
        if (reason != null) {
            keptFrom.add(new Extras.Kept(guest.id(), extra.ingredient(), reason));
        }
        return reason == null;
    }

    private @Nullable String reason(Guest guest, Extra extra) {
        Content content = Content.of(catalogue.ingredient(extra.ingredient()));
        List<Need> broken = Needs.brokenByEating(guest, content);
        if (!broken.isEmpty()) {
            return Needs.labels(broken, content);
        }
        if (extra.adultsOnly() && guest.isSmallChild()) {
            return "not for children";
        }
        return null;
    }

    /** Nobody drinks for two: of drinks a big eater gets what a regular one does. */
    private Figure budget(Guest guest, String what, Extra.Kind kind, Figure appetite, double perAdult, Mark mark) {
        double factor = kind.isPoured() ? Math.min(1, appetite.value()) : appetite.value();
        return amount("extras." + guest.id() + "." + what, kind, factor * perAdult)
                .by(
                        guest.name() + "'s " + kind.label(),
                        "Appetite" + (kind.isPoured() ? ", 1 at most," : "") + " x amount per adult",
                        PRODUCT,
                        () -> List.of(
                                Term.of("appetite", factor, "1", KitchenText.number(factor, 2), "", Mark.COMPUTED),
                                Term.of("per adult", perAdult, unit(kind), amountText(kind, perAdult), "", mark)));
    }

    /**
     * @param all weights of all that share the budget; the extra's own when it has the budget to itself
     */
    private void give(Guest guest, Extra extra, Figure budget, double all) {
        double weight = extra.weight();
        String name = catalogue.ingredient(extra.ingredient()).name();
        Figure figure = amount(
                        "extra." + guest.id() + "." + extra.ingredient(), extra.kind(), budget.value() * weight / all)
                .by(
                        guest.name() + ": " + name,
                        "What there is of the kind, shared by weight among what suits; nothing takes more than its weight",
                        SHARE,
                        () -> List.of(
                                Term.of(extra.kind().label(), budget),
                                Term.of("its weight", weight, "1", KitchenText.number(weight, 2), "", Mark.MEMORY),
                                Term.of(
                                        "all weights, 1 at least",
                                        all,
                                        "1",
                                        KitchenText.number(all, 2),
                                        "",
                                        Mark.MEMORY)));
        Objects.requireNonNull(parts.get(extra)).add(new Part(guest, figure));
    }

    private Extras.ExtraNeed need(Extra extra, List<Part> own) {
        Ingredient ingredient = catalogue.ingredient(extra.ingredient());
        double value = own.stream().mapToDouble(part -> part.amount().value()).sum();
        Figure amount = ledger.figure(
                        "extra." + ingredient.id(),
                        value,
                        unit(extra.kind()),
                        amountText(extra.kind(), value) + glasses(extra, value))
                .by(
                        ingredient.name() + " beside the pots",
                        "Everybody's part",
                        SUM,
                        () -> own.stream()
                                .map(part -> Term.of(part.guest().name(), part.amount()))
                                .toList());
        double density = extra.kind().isPoured() ? ingredient.densityGPerMl() : 1;
        double grams = value * density;
        Figure weight = ledger.figure("extra." + ingredient.id() + ".g", grams, "g", text.grams(grams))
                .by(
                        ingredient.name() + " beside the pots, weight",
                        extra.kind().isPoured() ? "Volume x density" : "As set out",
                        PRODUCT,
                        () -> List.of(
                                Term.of("amount", amount),
                                Term.of(
                                        extra.kind().isPoured() ? "density" : "set out by weight",
                                        density,
                                        extra.kind().isPoured() ? "g/ml" : "1",
                                        KitchenText.number(density, 2),
                                        "catalogue",
                                        ingredient.mark())));
        return new Extras.ExtraNeed(ingredient.id(), ingredient.name(), extra.kind(), amount, weight, own.size());
    }

    private Ledger.Draft amount(String id, Extra.Kind kind, double value) {
        return ledger.figure(id, value, unit(kind), amountText(kind, value));
    }

    /** ", 6 glasses". */
    private static String glasses(Extra extra, double ml) {
        Integer glass = extra.glassMl();
        if (glass == null || ml <= 0) {
            return "";
        }
        long count = Math.max(1, Math.round(ml / glass));
        return ", " + (count == 1 ? "a glass" : count + " glasses");
    }

    private static String unit(Extra.Kind kind) {
        return kind.isPoured() ? "ml" : "g";
    }

    private String amountText(Extra.Kind kind, double value) {
        return kind.isPoured() ? text.millilitres(value) : text.grams(value);
    }
}
