package org.livelyladle.core.extras;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Trait;
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
        Objects.requireNonNullElse(brief.extras(), List.<ExtraChoice>of()).stream()
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
        for (Extra extra : open) {
            Double own = Objects.requireNonNull(chosen.get(extra)).perAdult();
            long sharers = open.stream()
                    .filter(other -> other.kind() == extra.kind()
                            && Objects.requireNonNull(chosen.get(other)).perAdult() == null)
                    .count();
            Objects.requireNonNull(parts.get(extra)).add(new Part(guest, part(guest, extra, appetite, own, sharers)));
        }
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
            return broken.stream().map(need -> need.kind().label()).collect(Collectors.joining(", "));
        }
        if (extra.adultsOnly() && guest.isSmallChild()) {
            return "not for children";
        }
        boolean alcohol = content.traits().contains(Trait.ALCOHOL);
        return alcohol && guest.has(NeedKind.PREGNANT) ? "alcohol, pregnant" : null;
    }

    private Figure part(Guest guest, Extra extra, Figure appetite, @Nullable Double own, long sharers) {
        double perAdult = own == null ? extra.kind().perAdult() : own;
        double among = own == null ? sharers : 1;
        double value = appetite.value() * perAdult / among;
        String name = catalogue.ingredient(extra.ingredient()).name();
        return amount("extra." + guest.id() + "." + extra.ingredient(), extra, value)
                .by(
                        guest.name() + ": " + name,
                        "Appetite x amount per adult / extras of the kind that suit",
                        SHARE,
                        () -> List.of(
                                Term.of("appetite", appetite),
                                Term.of(
                                        extra.kind().label() + " per adult",
                                        perAdult,
                                        unit(extra),
                                        amountText(extra, perAdult),
                                        own == null ? "" : "set for this party",
                                        own == null ? Mark.MEMORY : Mark.HOST),
                                Term.of("shared among", among, "1", KitchenText.number(among, 0), "", Mark.COMPUTED)));
    }

    private Extras.ExtraNeed need(Extra extra, List<Part> own) {
        Ingredient ingredient = catalogue.ingredient(extra.ingredient());
        double value = own.stream().mapToDouble(part -> part.amount().value()).sum();
        Figure amount = amount("extra." + ingredient.id(), extra, value)
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

    private Ledger.Draft amount(String id, Extra extra, double value) {
        return ledger.figure(id, value, unit(extra), amountText(extra, value));
    }

    private static String unit(Extra extra) {
        return extra.kind().isPoured() ? "ml" : "g";
    }

    private String amountText(Extra extra, double value) {
        return extra.kind().isPoured() ? text.millilitres(value) : text.grams(value);
    }
}
