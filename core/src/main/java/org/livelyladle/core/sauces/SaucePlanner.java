package org.livelyladle.core.sauces;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.safety.SideAccess;

/** Shares each guest's sauce among the sauces that suit, by how they are taken, and adds up what to stir. */
public final class SaucePlanner {
    private static final double USUAL_ML = 60;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    private final List<Sauces.Serving> servings = new ArrayList<>();
    private final List<Sauces.Clash> clashes = new ArrayList<>();
    private final List<String> without = new ArrayList<>();
    private final BarPlanner bar;
    private final SideAccess access;

    public SaucePlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
        this.bar = new BarPlanner(brief, catalogue, ledger, text);
        this.access = new SideAccess(brief, catalogue);
    }

    public Sauces plan(Portions portions) {
        Map<Sauce, SauceChoice> chosen = new LinkedHashMap<>();
        brief.sauces().forEach(choice -> chosen.put(catalogue.sauce(choice.sauce()), choice));
        List<Sauce> sauces = List.copyOf(chosen.keySet());
        for (int i = 0; i < brief.guests().size(); i++) {
            serve(brief.guests().get(i), portions.guests().get(i).factor(), chosen);
        }
        return new Sauces(sauces.stream().map(this::need).toList(), servings, clashes, without, bar.bar());
    }

    private void serve(Guest guest, Figure appetite, Map<Sauce, SauceChoice> chosen) {
        if (bar.serves(guest)) {
            if (!bar.serve(guest, budget(guest, appetite))) {
                without.add(guest.id());
            }
            return;
        }
        List<Sauce> meant = new ArrayList<>();
        chosen.forEach((sauce, choice) -> {
            if (choice.isFor(guest)) {
                meant.add(sauce);
            }
        });
        List<Sauce> safe = safe(guest, meant);
        if (safe.isEmpty()) {
            without.add(guest.id());
        }
        List<Sauce> shared = new ArrayList<>();
        for (Sauce sauce : safe) {
            Double perAdult = Objects.requireNonNull(chosen.get(sauce)).perAdultMl();
            if (perAdult == null) {
                shared.add(sauce);
            } else {
                give(guest, sauce, appetite, perAdult);
            }
        }
        share(guest, appetite, shared);
    }

    private List<Sauce> safe(Guest guest, List<Sauce> sauces) {
        List<Sauce> safe = new ArrayList<>();
        for (Sauce sauce : sauces) {
            Content content = Content.of(sauce, catalogue);
            List<Need> broken = Needs.brokenByEating(guest, content);
            if (broken.isEmpty()) {
                safe.add(sauce);
            } else {
                clashes.add(new Sauces.Clash(
                        guest.id(), sauce.id(), Needs.labels(broken, content), instead(guest, sauce, sauces)));
            }
        }
        return safe;
    }

    private void give(Guest guest, Sauce sauce, Figure appetite, double perAdultMl) {
        double ml = appetite.value() * perAdultMl;
        Figure figure = ledger.figure("sauce." + guest.id() + "." + sauce.id(), ml, "ml", text.millilitres(ml))
                .by(
                        guest.name() + ": " + sauce.name(),
                        "Appetite x amount per adult, as you said",
                        PRODUCT,
                        () -> List.of(
                                Term.of("appetite", appetite),
                                Term.of("per adult", perAdultMl, "ml", text.millilitres(perAdultMl), "", Mark.HOST)));
        servings.add(new Sauces.Serving(guest.id(), sauce.id(), figure));
    }

    private void share(Guest guest, Figure appetite, List<Sauce> sauces) {
        if (sauces.isEmpty()) {
            return;
        }
        Figure budget = budget(guest, appetite);
        double all = Math.max(
                1, sauces.stream().mapToDouble(sauce -> sauce.use().portion()).sum());
        for (Sauce sauce : sauces) {
            double ml = budget.value() * sauce.use().portion() / all;
            Figure figure = ledger.figure("sauce." + guest.id() + "." + sauce.id(), ml, "ml", text.millilitres(ml))
                    .by(
                            guest.name() + ": " + sauce.name(),
                            "Sauce shared among those that suit by how they are taken",
                            SHARE,
                            () -> List.of(
                                    Term.of("sauce in all", budget),
                                    Term.of(
                                            "against a bowl of dip",
                                            sauce.use().portion(),
                                            "1",
                                            KitchenText.number(sauce.use().portion(), 2),
                                            "catalogue",
                                            sauce.mark()),
                                    Term.of(
                                            "all that suit, 1 at least",
                                            all,
                                            "1",
                                            KitchenText.number(all, 2),
                                            "",
                                            Mark.COMPUTED)));
            servings.add(new Sauces.Serving(guest.id(), sauce.id(), figure));
        }
    }

    /** Of the sauces that suit, one on the table before one of the catalogue, then the one sharing most ingredients. */
    private String instead(Guest guest, Sauce sauce, List<Sauce> onTable) {
        Set<String> wanted = sauce.parts().stream().map(Sauce.Part::ingredient).collect(Collectors.toSet());
        return catalogue.sauces().stream()
                .filter(other -> Needs.brokenByEating(guest, Content.of(other, catalogue))
                        .isEmpty())
                .max(Comparator.comparing((Sauce other) -> onTable.contains(other))
                        .thenComparing(other -> other.parts().stream()
                                .filter(part -> wanted.contains(part.ingredient()))
                                .count()))
                .map(Sauce::name)
                .orElse("");
    }

    private Figure budget(Guest guest, Figure appetite) {
        double perAdult = brief.sauceMlPerAdult();
        double ml = appetite.value() * perAdult;
        return ledger.figure("saucebudget." + guest.id(), ml, "ml", text.millilitres(ml))
                .by(
                        "Sauce for " + guest.name(),
                        "Appetite x sauce per adult",
                        PRODUCT,
                        () -> List.of(
                                Term.of("appetite", appetite),
                                Term.of(
                                        "sauce per adult",
                                        perAdult,
                                        "ml",
                                        text.millilitres(perAdult),
                                        "45 for light eaters to 65 ml a head",
                                        perAdult == USUAL_ML ? Mark.COMMON_PRACTICE : Mark.HOST)));
    }

    private Sauces.SauceNeed need(Sauce sauce) {
        List<Sauces.Serving> own = servings.stream()
                .filter(serving -> serving.sauce().equals(sauce.id()))
                .toList();
        double ml = own.stream().mapToDouble(serving -> serving.ml().value()).sum();
        Figure make = ledger.figure("sauce." + sauce.id(), ml, "ml", text.millilitres(ml))
                .by(
                        sauce.name() + " to stir",
                        "Everybody's share",
                        SUM,
                        () -> own.stream()
                                .map(serving -> Term.of(
                                        brief.guest(serving.guest())
                                                .orElseThrow()
                                                .name(),
                                        serving.ml()))
                                .toList());
        List<Sauces.PartNeed> parts =
                sauce.parts().stream().map(part -> part(sauce, part, make)).toList();
        String caution = sauce.rawEgg()
                ? "Raw egg: not for children, pregnant or immune-weak guests; use very fresh or pasteurised eggs."
                : "";
        Figure broth = sauce.brothMlPer100() > 0 && ml > 0 ? broth(sauce, make) : null;
        return new Sauces.SauceNeed(
                sauce.id(),
                sauce.name(),
                sauce.remark()
                        + (sauce.use() == Sauce.Use.DIP
                                ? ""
                                : "; " + sauce.use().label()),
                make,
                parts,
                broth,
                broth == null ? "" : brothFrom(own),
                caution);
    }

    private Figure broth(Sauce sauce, Figure make) {
        double ml = make.value() * sauce.brothMlPer100() / 100;
        return ledger.figure("saucebroth." + sauce.id(), ml, "ml", text.spoons(ml))
                .by(
                        "Broth for " + sauce.name(),
                        "Sauce to stir x share; ladled before any food goes in, so that it holds nothing but broth",
                        PRODUCT,
                        () -> List.of(Term.of("sauce to stir", make), share(sauce.brothMlPer100(), sauce)));
    }

    private static Term share(double mlPer100, Sauce sauce) {
        return Term.of("share", mlPer100 / 100, "1", KitchenText.number(mlPer100, 1) + " %", "recipe", sauce.mark());
    }

    /** The mildest broth from a side that is open to everybody who gets the sauce; empty when none is. */
    private String brothFrom(List<Sauces.Serving> eaters) {
        return brief.sides().stream()
                .filter(side -> eaters.stream().allMatch(serving -> maySip(serving.guest(), side)))
                .map(side -> catalogue.broth(side.broth()))
                .min(Comparator.comparing(Broth::heat))
                .map(Broth::name)
                .orElse("");
    }

    private boolean maySip(String guest, Side side) {
        Guest eater = brief.guest(guest).orElseThrow();
        Content broth = Content.of(catalogue.broth(side.broth()), catalogue);
        return access.closed(eater, side).isEmpty()
                && Needs.brokenByEating(eater, broth).isEmpty();
    }

    private Sauces.PartNeed part(Sauce sauce, Sauce.Part part, Figure make) {
        Ingredient ingredient = catalogue.ingredient(part.ingredient());
        double ml = make.value() * part.mlPer100() / 100;
        String id = "saucepart." + sauce.id() + "." + ingredient.id();
        Figure volume = ledger.figure(id + ".ml", ml, "ml", text.spoons(ml))
                .by(
                        ingredient.name() + " for " + sauce.name(),
                        "Sauce to stir x share",
                        PRODUCT,
                        () -> List.of(Term.of("sauce to stir", make), share(part.mlPer100(), sauce)));
        Figure weight = new ByDensity(ledger, text)
                .grams(id, ingredient.name() + " for " + sauce.name() + ", weight", ingredient, volume);
        return new Sauces.PartNeed(ingredient.id(), ingredient.name(), volume, weight);
    }
}
