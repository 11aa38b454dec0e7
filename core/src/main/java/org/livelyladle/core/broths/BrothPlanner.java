package org.livelyladle.core.broths;

import static org.livelyladle.core.measure.Operation.PRODUCT;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Trait;
import org.livelyladle.core.heat.BoilingPoint;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.Sides;

/** Scales the recipes to what the sides hold, what keeps them topped up and what other broths are made from. */
public final class BrothPlanner {
    /** Outside of a stock pot on the ring, lid and wall [m2]; memory. */
    private static final double STOCK_POT_M2 = 0.2;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;
    /** What asks for a broth: sides, and broths made from it. */
    private final Map<String, List<Term>> uses = new LinkedHashMap<>();

    public BrothPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    /** @param reserves broth kept hot for topping up, by side [ml] */
    public Broths plan(Sides sides, Map<String, Figure> reserves) {
        for (SidePlan side : sides.all()) {
            use(side.broth(), Term.of("fill", side.fill()));
            use(side.broth(), Term.of("reserve", reserves.get(side.side())));
        }
        List<Broth> all = new ArrayList<>(catalogue.broths());
        Collections.reverse(all);
        Map<String, BrothNeed> needs = new HashMap<>();
        // a base has no base: what is made from others says first how much of them it takes
        all.stream().filter(broth -> broth.base() != null).forEach(broth -> addNeed(broth, needs));
        all.stream().filter(broth -> broth.base() == null).forEach(broth -> addNeed(broth, needs));
        return new Broths(
                sides.all(),
                catalogue.broths().stream()
                        .map(Broth::id)
                        .filter(needs::containsKey)
                        .map(needs::get)
                        .toList());
    }

    private void addNeed(Broth broth, Map<String, BrothNeed> needs) {
        List<Term> terms = uses.get(broth.id());
        if (terms != null) {
            needs.put(broth.id(), need(broth, terms));
        }
    }

    private void use(String broth, Term term) {
        uses.computeIfAbsent(broth, b -> new ArrayList<>()).add(term);
    }

    private BrothNeed need(Broth broth, List<Term> terms) {
        double ml = terms.stream().mapToDouble(Term::value).sum();
        Figure make = millilitres("broth." + broth.id(), ml)
                .by(
                        broth.name() + " to make",
                        "Fill and reserve of every side that holds it, and what goes into other broths",
                        SUM,
                        () -> terms);
        Content content = Content.of(broth, catalogue);
        return new BrothNeed(
                broth.id(),
                broth.name(),
                broth.source(),
                make,
                perLitre(
                        "broth." + broth.id() + ".of-water",
                        "Water for " + broth.name(),
                        broth,
                        make,
                        broth.waterMlPerLitre()),
                base(broth, make),
                boil(broth, ml),
                broth.saltPercent(),
                broth.parts().stream().map(part -> part(broth, part, make)).toList(),
                broth.steps().stream().map(step -> step(step, ml / 1000)).toList(),
                content.allergens(),
                content.traits().contains(Trait.ALCOHOL),
                content.traits().contains(Trait.MEDICINAL_HERB));
    }

    private BrothNeed.@Nullable BaseNeed base(Broth broth, Figure make) {
        if (broth.base() == null) {
            return null;
        }
        Broth base = catalogue.broth(broth.base().broth());
        Figure ml = perLitre(
                "broth." + broth.id() + ".of-base",
                base.name() + " for " + broth.name(),
                broth,
                make,
                broth.base().mlPerLitre());
        use(base.id(), Term.of("for " + broth.name(), ml));
        return new BrothNeed.BaseNeed(base.id(), base.name(), ml);
    }

    private Figure perLitre(String id, String title, Broth broth, Figure make, double mlPerLitre) {
        return millilitres(id, make.value() * mlPerLitre / 1000)
                .by(
                        title,
                        "Broth to make x millilitres per litre",
                        PRODUCT,
                        () -> List.of(
                                Term.of("broth to make", make),
                                Term.of(
                                        "per litre",
                                        mlPerLitre / 1000,
                                        "l/l",
                                        text.millilitres(mlPerLitre),
                                        "recipe of " + broth.name(),
                                        broth.mark())));
    }

    private @Nullable Figure boil(Broth broth, double ml) {
        return new BoilUp(ledger, text)
                .figure(
                        "broth." + broth.id() + ".boil",
                        broth.name() + ": to the boil in the kitchen",
                        ml,
                        BoilingPoint.celsius(brief.altitudeM(), broth.saltPercent()),
                        brief.kitchen().ringWatts() * Kitchen.RING_EFFICIENCY,
                        HeatUp.DRY_LOSS_W_PER_M2_K * STOCK_POT_M2);
    }

    private BrothNeed.PartNeed part(Broth broth, Broth.Part part, Figure make) {
        String name = catalogue.ingredient(part.ingredient()).name();
        double litres = make.value() / 1000;
        double factor = part.factor(litres);
        double grams = litres * part.gramsPerLitre() * factor;
        Figure figure = ledger.figure("broth." + broth.id() + "." + part.ingredient(), grams, "g", text.grams(grams))
                .by(
                        name + " for " + broth.name(),
                        "Broth to make x grams per litre; whole spices grow slower than the pot",
                        PRODUCT,
                        () -> List.of(
                                Term.of(
                                        "broth to make",
                                        litres,
                                        "l",
                                        text.millilitres(make.value()),
                                        "",
                                        Mark.COMPUTED),
                                Term.of(
                                        "per litre",
                                        part.gramsPerLitre(),
                                        "g/l",
                                        text.exactGrams(part.gramsPerLitre()),
                                        "recipe of " + broth.name(),
                                        broth.mark()),
                                Term.of(
                                        "for this much",
                                        factor,
                                        "1",
                                        KitchenText.number(factor, 2),
                                        "volume to the power 0.8 for spices, else as the pot",
                                        Mark.MEMORY)));
        boolean packet = part.scaling() == Broth.Scaling.PACKET;
        double goesIn = packet ? grams / 2 : grams;
        return new BrothNeed.PartNeed(
                part.ingredient(),
                name,
                figure,
                measure(part, goesIn),
                packet ? "keep " + text.grams(grams - goesIn) + ": taste first, add it later" : "");
    }

    /** Whole pieces where it is counted, up, so that it is never too little; drops down, so that it is not too hot. */
    private String measure(Broth.Part part, double grams) {
        if (part.isByDrop()) {
            return KitchenText.drops((long) Math.max(1, StrictMath.floor(grams / part.pieceGrams() + 0.25)));
        }
        return part.pieceGrams() == null
                ? text.grams(grams)
                : KitchenText.pieces((long) Math.max(1, StrictMath.ceil(grams / part.pieceGrams() - 0.25))) + ", "
                        + text.grams(grams);
    }

    private static BrothNeed.StepNeed step(Broth.BrothStep step, double litres) {
        double minutes = step.minutes() + litres * step.minutesPerLitre();
        return new BrothNeed.StepNeed(
                step.text(), minutes, KitchenText.minutes(minutes), step.passive(), step.caution());
    }

    private Ledger.Draft millilitres(String id, double ml) {
        return ledger.figure(id, ml, "ml", text.millilitres(ml));
    }
}
