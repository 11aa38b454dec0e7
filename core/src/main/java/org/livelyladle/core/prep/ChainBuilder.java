package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.broths.BrothNeed;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.PrepStep;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;

/** The chains of steps behind broths, cuts, sauces and the table. Durations grow with the amount by a stated rule. */
record ChainBuilder(Brief brief, Catalogue catalogue, KitchenText text) {
    private static final double BOIL_MINUTES = 12;
    private static final double CARRY_MINUTES = 3;
    /** Time a litre adds until it boils on a kitchen ring [min/l]; memory. */
    private static final double BOIL_MINUTES_PER_LITRE = 3;

    private static final double PLATE_MINUTES = 2;
    private static final double TABLE_MINUTES = 12;
    private static final double CHECK_MINUTES = 5;

    List<Chain> build(Portions portions, Broths broths, Sauces sauces) {
        List<Chain> chains = new ArrayList<>();
        broths.needs().forEach(need -> chains.add(broth(need)));
        portions.cuts().stream().filter(total -> total.grams().value() > 0).forEach(total -> chains.add(cut(total)));
        sauces.needs().stream().filter(need -> need.make().value() > 0).forEach(need -> chains.add(sauce(need)));
        chains.add(table());
        return chains;
    }

    private Chain broth(BrothNeed need) {
        double litres = need.make().value() / 1000;
        String amount = need.make().text();
        List<Chain.Step> steps = new ArrayList<>();
        catalogue
                .broth(need.broth())
                .steps()
                .forEach(step -> steps.add(new Chain.Step(
                        "broth:" + need.broth() + ":" + step.id(),
                        need.name() + ": " + lower(step.text()),
                        amount,
                        "stock pot",
                        step.minutes() + litres * step.minutesPerLitre(),
                        rule(step.minutes(), step.minutesPerLitre(), amount),
                        step.passive(),
                        step.caution())));
        steps.add(new Chain.Step(
                "broth:" + need.broth() + ":boil",
                need.name() + ": bring to the boil",
                amount,
                "kitchen ring",
                BOIL_MINUTES + litres * BOIL_MINUTES_PER_LITRE,
                rule(BOIL_MINUTES, BOIL_MINUTES_PER_LITRE, amount),
                true,
                "Lid on; do not leave a lit stove alone."));
        steps.add(new Chain.Step(
                "broth:" + need.broth() + ":carry",
                need.name() + ": fill the pot, carry the reserve",
                amount,
                "ladle, oven gloves",
                CARRY_MINUTES,
                "any amount",
                false,
                "Hot and heavy: clear the way, lid on, children away."));
        return new Chain(PrepTask.Group.BROTH, steps, 0, "sitting down");
    }

    private Chain cut(CutTotal total) {
        Cut cut = catalogue.cut(total.cut());
        double kg = total.grams().value() / 1000;
        String amount = total.grams().text();
        List<Chain.Step> steps = new ArrayList<>();
        for (String id : cut.prep()) {
            PrepStep step = catalogue.prepStep(id);
            steps.add(new Chain.Step(
                    "cut:" + cut.id() + ":" + id,
                    step.verb() + ": " + lower(total.name()),
                    amount,
                    step.tool(),
                    step.minutes() + kg * step.minutesPerKg(),
                    rule(step.minutes(), step.minutesPerKg(), amount),
                    step.passive(),
                    step.caution()));
        }
        steps.add(new Chain.Step(
                "cut:" + cut.id() + ":plate",
                "Set out: " + lower(total.name()),
                amount,
                "serving plate",
                PLATE_MINUTES,
                "any amount",
                false,
                cut.rawRisk() == org.livelyladle.core.catalogue.RawRisk.NONE
                        ? ""
                        : "Raw: its own plate, cold until sitting down."));
        return new Chain(PrepTask.Group.CUT, steps, brief.bufferMinutes(), "buffer before sitting down");
    }

    private Chain sauce(Sauces.SauceNeed need) {
        return new Chain(
                PrepTask.Group.SAUCE,
                List.of(new Chain.Step(
                        "sauce:" + need.sauce(),
                        "Stir: " + lower(need.name()),
                        need.make().text(),
                        "bowl and whisk",
                        catalogue.sauce(need.sauce()).minutes(),
                        "any amount",
                        false,
                        need.caution())),
                brief.bufferMinutes(),
                "buffer before sitting down");
    }

    private Chain table() {
        return new Chain(
                PrepTask.Group.TABLE,
                List.of(
                        step(
                                "table:lay",
                                "Lay the table, two pairs of chopsticks each",
                                TABLE_MINUTES,
                                "One pair for raw food, another to eat with."),
                        step(
                                "table:check",
                                "Check fridge and table against the plan",
                                CHECK_MINUTES,
                                "Spare cartridges, baskets, ladles, pepper.")),
                brief.bufferMinutes(),
                "buffer before sitting down");
    }

    private static Chain.Step step(String id, String what, double minutes, String caution) {
        return new Chain.Step(id, what, "", "", minutes, "any amount", false, caution);
    }

    private static String rule(double minutes, double more, String amount) {
        return more == 0
                ? "any amount"
                : KitchenText.number(minutes, 0) + " min and " + KitchenText.number(more, 0) + " a kg or l, " + amount;
    }

    private static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }
}
