package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.broths.BrothNeed;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Choking;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.PrepStep;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sauces.Sauces;

/** The chains of steps behind broths, cuts, sauces and the table. Durations grow with the amount by a stated rule. */
record ChainBuilder(Brief brief, Catalogue catalogue, KitchenText text) {
    /** A ring too weak for it is given so long [min]; memory. */
    private static final double LONGEST_BOIL_MINUTES = 120;

    private static final String SITTING_DOWN = "sitting down";
    private static final double CARRY_MINUTES = 3;
    private static final double PLATE_MINUTES = 2;
    private static final double TABLE_MINUTES = 12;
    private static final double CHECK_MINUTES = 5;
    /** A bottle from room to fridge temperature [min]; memory. */
    private static final double CHILL_MINUTES = 150;

    List<Chain> build(Portions portions, Broths broths, Sauces sauces, Extras extras) {
        List<Chain> chains = new ArrayList<>();
        broths.needs().forEach(need -> chains.addAll(broth(need, broths)));
        portions.cuts().stream()
                .filter(total -> total.grams().value() > 0)
                .forEach(total -> chains.add(cut(total, portions)));
        sauces.needs().stream().filter(need -> need.make().value() > 0).forEach(need -> chains.add(sauce(need)));
        if (!sauces.bar().needs().isEmpty()) {
            chains.add(bar(sauces.bar()));
        }
        Stream.of(Extra.Kind.values()).forEach(kind -> beside(kind, extras).ifPresent(chains::add));
        chains.add(table());
        return chains;
    }

    /** Making a broth, in time for those made from it; boiling it up and carrying it where it fills a side. */
    private List<Chain> broth(BrothNeed need, Broths broths) {
        List<Chain.Step> making = making(need);
        List<Chain.Step> serving =
                broths.sides().stream().anyMatch(side -> side.broth().equals(need.broth())) ? serving(need) : List.of();
        double others = broths.needs().stream()
                .filter(other -> other.base() != null && other.base().broth().equals(need.broth()))
                .mapToDouble(other -> minutes(making(other)) + minutes(serving(other)))
                .max()
                .orElse(0);
        if (others <= minutes(serving)) {
            return List.of(new Chain(
                    PrepTask.Group.BROTH,
                    Stream.concat(making.stream(), serving.stream()).toList(),
                    0,
                    SITTING_DOWN));
        }
        Chain early = new Chain(PrepTask.Group.BROTH, making, others, "the broths made from it are begun");
        return serving.isEmpty()
                ? List.of(early)
                : List.of(early, new Chain(PrepTask.Group.BROTH, serving, 0, SITTING_DOWN));
    }

    private static double minutes(List<Chain.Step> steps) {
        return steps.stream().mapToDouble(Chain.Step::minutes).sum();
    }

    private List<Chain.Step> making(BrothNeed need) {
        double litres = need.make().value() / 1000;
        String amount = need.make().text();
        return catalogue.broth(need.broth()).steps().stream()
                .map(step -> new Chain.Step(
                        "broth:" + need.broth() + ":" + step.id(),
                        need.name() + ": " + lower(step.text()),
                        amount,
                        "stock pot",
                        step.minutes() + litres * step.minutesPerLitre(),
                        rule(step.minutes(), step.minutesPerLitre(), amount),
                        step.passive(),
                        step.caution()))
                .toList();
    }

    private List<Chain.Step> serving(BrothNeed need) {
        double boil = need.boil() == null ? LONGEST_BOIL_MINUTES : need.boil().value();
        String amount = need.make().text();
        return List.of(
                new Chain.Step(
                        "broth:" + need.broth() + ":boil",
                        need.name() + ": bring to the boil",
                        amount,
                        "kitchen ring",
                        boil,
                        "on a ring of " + brief.kitchenOrUsual().ringWatts() + " W, " + amount,
                        true,
                        "Lid on; do not leave a lit stove alone."),
                new Chain.Step(
                        "broth:" + need.broth() + ":carry",
                        need.name() + ": fill the pot, carry the reserve",
                        amount,
                        "ladle, oven gloves",
                        CARRY_MINUTES,
                        "any amount",
                        false,
                        "Hot and heavy: clear the way, lid on, children away."));
    }

    private Chain cut(CutTotal total, Portions portions) {
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
        children(cut, portions)
                .ifPresent(names -> steps.add(new Chain.Step(
                        "cut:" + cut.id() + ":children",
                        "For " + names + ": " + lower(total.name()) + " cut small",
                        "",
                        "knife and board",
                        PLATE_MINUTES,
                        "any amount",
                        false,
                        cut.choking().advice() + "; keep it apart with the child's name.")));
        steps.add(new Chain.Step(
                "cut:" + cut.id() + ":plate",
                "Set out: " + lower(total.name()),
                amount,
                "serving plate",
                PLATE_MINUTES,
                "any amount",
                false,
                cut.rawRisk() == RawRisk.NONE ? "" : "Raw: its own plate, cold until sitting down."));
        return new Chain(PrepTask.Group.CUT, steps, brief.bufferMinutes(), "buffer before sitting down");
    }

    /** Small children who get a cut they could choke on. */
    private Optional<String> children(Cut cut, Portions portions) {
        String names = portions.lines().stream()
                .filter(line -> cut.choking() != Choking.NONE
                        && line.cut().equals(cut.id())
                        && line.served().value() > 0)
                .map(line -> brief.guest(line.guest()).orElseThrow())
                .filter(Guest::isSmallChild)
                .map(Guest::name)
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? Optional.empty() : Optional.of(names);
    }

    private Chain bar(Sauces.Bar bar) {
        return new Chain(
                PrepTask.Group.SAUCE,
                List.of(new Chain.Step(
                        "sauce:bar",
                        "Set out the sauce bar: " + bar.needs().size() + " bowls",
                        "",
                        "bowls and spoons",
                        PLATE_MINUTES * bar.needs().size(),
                        "2 min a bowl",
                        false,
                        "A spoon for each bowl, so that allergens stay where they are.")),
                brief.bufferMinutes(),
                "buffer before sitting down");
    }

    private Optional<Chain> beside(Extra.Kind kind, Extras extras) {
        List<Extras.ExtraNeed> own = extras.needs().stream()
                .filter(need -> need.kind() == kind && need.grams().value() > 0)
                .toList();
        if (own.isEmpty()) {
            return Optional.empty();
        }
        String names = own.stream().map(need -> lower(need.name())).collect(Collectors.joining(", "));
        boolean drinks = kind == Extra.Kind.DRINK;
        return Optional.of(new Chain(
                PrepTask.Group.TABLE,
                List.of(new Chain.Step(
                        "beside:" + kind.name().toLowerCase(Locale.ROOT),
                        (drinks ? "Chill: " : "Wash, cut and set out: ") + names,
                        "",
                        drinks ? "fridge" : "knife and bowls",
                        drinks ? CHILL_MINUTES : 2 * PLATE_MINUTES * own.size(),
                        drinks ? "any amount" : "4 min each",
                        drinks,
                        "")),
                brief.bufferMinutes(),
                "buffer before sitting down"));
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
