package org.livelyladle.core.advice;

import static org.livelyladle.core.advice.Remedy.show;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.evening.Evening.Problem;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.TablePlan;

/** Everything the plan cannot give, each with one edit that would mend it. */
public record UnmetFinder(
        Brief brief,
        Catalogue catalogue,
        KitchenText text,
        Portions portions,
        TablePlan table,
        Evening evening,
        Sauces sauces,
        Purchases purchases,
        Prep prep,
        List<LateRemedy> lateRemedies,
        Substitutes substitutes,
        LocalDateTime now,
        RemedyTrial trial) {

    private static final double NEGLIGIBLE_G = 0.5;
    /** A smaller gap in somebody's food is nothing to speak of; memory [g]. */
    private static final double WORTH_NAMING_G = 20;

    private static final int FILL_STEP_PERCENT = 5;
    private static final int LEAST_FILL_PERCENT = 25;

    public List<Unmet> find() {
        List<Unmet> unmet = new ArrayList<>();
        unmet.addAll(new HungerFinder(brief, catalogue, text, portions, table, trial).find());
        unmet.addAll(new TableUnmet(brief, catalogue, table).find());
        evening.problems().forEach(problem -> unmet.add(inThePots(problem)));
        withoutSauce(unmet);
        unmet.addAll(new PurchaseUnmet(brief, catalogue, purchases, substitutes, now).find());
        portions.trades().forEach(trade -> trade(trade, unmet));
        amounts(unmet);
        cooked(unmet);
        prep(unmet);
        askedAgain(unmet);
        beatenPins(unmet);
        unmet.sort(Comparator.comparing(Unmet::severity));
        return unmet;
    }

    private Unmet inThePots(Problem problem) {
        boolean onlyUnsaid = problem.kind() == Problem.Kind.UNKNOWN_FUSE;
        Remedy remedy = show(Step.POTS);
        if (problem.kind() == Problem.Kind.OVER_THE_BRIM) {
            Pot pot = brief.potOf(problem.subject());
            int percent = Math.max(LEAST_FILL_PERCENT, pot.fillPercent() - FILL_STEP_PERCENT);
            remedy = Remedy.of("Fill it to " + percent + " %", new BriefEdit.FillPot(pot.id(), percent));
        }
        return new Unmet(
                "pots." + problem.kind() + "." + problem.subject(),
                onlyUnsaid ? Unmet.Severity.WISH : Unmet.Severity.SHORT,
                Step.POTS,
                null,
                problem.text() + " " + problem.remedy(),
                remedy);
    }

    /** Each guest whom no sauce suits; once for all where there is none yet. */
    private void withoutSauce(List<Unmet> unmet) {
        List<Guest> without = sauces.without().stream()
                .map(guest -> brief.guest(guest).orElseThrow())
                .toList();
        if (brief.sauces().isEmpty() && without.size() > 1) {
            unmet.add(new Unmet(
                    "sauce", Unmet.Severity.SHORT, Step.SAUCES, null, "There is no sauce yet.", sauceFor(without)));
            return;
        }
        for (Guest guest : without) {
            unmet.add(new Unmet(
                    "sauce." + guest.id(),
                    Unmet.Severity.SHORT,
                    Step.SAUCES,
                    guest.id(),
                    brief.sauces().isEmpty()
                            ? "There is no sauce yet for " + guest.name() + "."
                            : "No sauce suits " + guest.name() + ".",
                    sauceFor(List.of(guest))));
        }
    }

    /** The first that suits them all. */
    private Remedy sauceFor(List<Guest> guests) {
        return catalogue.sauces().stream()
                .filter(sauce -> guests.stream()
                        .allMatch(guest -> Needs.brokenByEating(guest, Content.of(sauce, catalogue))
                                .isEmpty()))
                .findFirst()
                .map(sauce -> Remedy.of("Add " + KitchenText.lower(sauce.name()), new BriefEdit.AddSauce(sauce.id())))
                .orElse(show(Step.SAUCES));
    }

    /** Words that nobody can turn into grams, and food that nobody can eat more of. */
    private void amounts(List<Unmet> unmet) {
        portions.wordless()
                .forEach(amount -> unmet.add(new Unmet(
                        "amount." + amount.cut(),
                        Unmet.Severity.WISH,
                        Step.INGREDIENTS,
                        null,
                        "No shop's prices say what a pack of "
                                + KitchenText.lower(catalogue.fullName(catalogue.cut(amount.cut())))
                                + " weighs: it is shared by the usual portions. Say grams, or a price.",
                        show(Step.INGREDIENTS))));
        double left = portions.full().stream().mapToDouble(Portions.Full::grams).sum();
        if (left > WORTH_NAMING_G * portions.full().size() && left > 0) {
            List<Portions.Full> full = portions.full();
            String who = brief.guest(full.get(0).guest()).orElseThrow().name()
                    + (full.size() == 1 ? "" : " and " + (full.size() - 1) + " more");
            unmet.add(new Unmet(
                    "full",
                    Unmet.Severity.WISH,
                    Step.INGREDIENTS,
                    null,
                    "One eats only so much of one food: " + text.grams(left) + " less than usual is planned for " + who
                            + ". More kinds on the menu would fill it.",
                    show(Step.INGREDIENTS)));
        }
    }

    /** Needs change: who is known from a time before is asked again, and all of them are confirmed by one tap. */
    private void askedAgain(List<Unmet> unmet) {
        List<Guest> before = brief.guests().stream()
                .filter(guest -> guest.needsFromBefore() && !guest.needs().isEmpty())
                .toList();
        if (!before.isEmpty()) {
            String who = before.stream()
                    .map(guest -> guest.name() + " still "
                            + guest.needs().stream()
                                    .map(need -> need.kind().label())
                                    .collect(Collectors.joining(", ")))
                    .collect(Collectors.joining("; "));
            unmet.add(new Unmet(
                    "needs.before",
                    Unmet.Severity.WISH,
                    Step.GUESTS,
                    null,
                    "As they were last time: " + who + "? It is kept until you say otherwise.",
                    Remedy.of(
                            before.size() == 1 ? "Still so" : "All still so",
                            new BriefEdit.ConfirmNeeds(
                                    before.stream().map(Guest::id).toList()))));
        }
    }

    /** What is unsaid counts as raw: asked once for all of them. */
    private void cooked(List<Unmet> unmet) {
        List<Cut> unsaid = brief.menu().stream()
                .filter(item -> item.cooked() == null)
                .map(item -> catalogue.cut(item.cut()))
                .filter(Cut::makerCooks)
                .toList();
        if (!unsaid.isEmpty()) {
            List<String> cuts = unsaid.stream().map(Cut::id).toList();
            String names = unsaid.stream()
                    .map(cut -> KitchenText.lower(catalogue.ingredientOf(cut).name()))
                    .distinct()
                    .collect(Collectors.joining(", "));
            unmet.add(new Unmet(
                    "cooked",
                    Unmet.Severity.WISH,
                    Step.INGREDIENTS,
                    null,
                    "Raw or cooked by the maker: " + names + "? The packet says. Until you say, they count as raw.",
                    Remedy.of("They are cooked", new BriefEdit.SayCooked(cuts, true))
                            .or(Remedy.of("They are raw", new BriefEdit.SayCooked(cuts, false)))));
        }
    }

    /** A trade that cannot be made in full: somebody left, or was pinned. */
    private void trade(Portions.Traded traded, List<Unmet> unmet) {
        brief.decisions().trades().stream()
                .filter(trade -> trade.shortOf().equals(traded.shortOf())
                        && trade.by().equals(traded.by())
                        && trade.grams() > traded.grams() + NEGLIGIBLE_G)
                .forEach(trade -> unmet.add(beaten(
                        Step.SHOPPING,
                        "trades." + trade.shortOf() + "." + trade.by(),
                        new BriefEdit.FreeTrade(trade.shortOf(), trade.by()),
                        "Of the " + text.grams(trade.grams()) + " to be traded, only " + traded.text() + ".")));
    }

    private void beatenPins(List<Unmet> unmet) {
        portions.beatenPins()
                .forEach(pin -> unmet.add(beaten(
                        Step.INGREDIENTS,
                        "portions." + pin.guest() + "." + pin.cut(),
                        new BriefEdit.FreePortion(pin.guest(), pin.cut()),
                        text.grams(pin.wantedGrams()) + " of "
                                + KitchenText.lower(catalogue.fullName(catalogue.cut(pin.cut())))
                                + " is pinned, but " + pin.rule() + ". Nearest: " + text.grams(pin.nearestGrams())
                                + ".")));
        table.beatenPins()
                .forEach(pin -> unmet.add(beaten(
                        Step.TABLE,
                        "drops." + pin.cut() + "." + pin.side() + "." + pin.batch(),
                        new BriefEdit.FreeDrop(pin.cut(), pin.side(), pin.batch()),
                        catalogue.fullName(catalogue.cut(pin.cut())) + " is pinned to minute "
                                + KitchenText.number(pin.wantedMinute(), 1) + ", but " + pin.reason() + "."
                                + nearest(pin.nearestMinute()))));
        prep.beatenPins()
                .forEach(pin -> unmet.add(beaten(
                        Step.PREP,
                        "tasks." + pin.task(),
                        new BriefEdit.FreeTask(pin.task()),
                        pin.what() + " is pinned to " + KitchenText.minutes(pin.wantedMinutes())
                                + " before sitting down, but " + pin.rule() + ". Nearest: "
                                + KitchenText.minutes(pin.nearestMinutes()) + ".")));
        purchases
                .beatenPins()
                .forEach(pin -> unmet.add(beaten(
                        Step.SHOPPING,
                        "offers." + pin.ingredient(),
                        new BriefEdit.FreeOffer(pin.ingredient()),
                        catalogue.ingredient(pin.ingredient()).name() + " is pinned to one offer, but " + pin.rule()
                                + ".")));
    }

    private static String nearest(@Nullable Double minute) {
        return minute == null ? "" : " Nearest: minute " + KitchenText.number(minute, 1) + ".";
    }

    private void prep(List<Unmet> unmet) {
        prep.problems().stream()
                .filter(problem -> problem.kind() != Prep.Problem.Kind.WAITS)
                .forEach(problem -> unmet.add(inPrep(problem)));
        List<Prep.Problem> waits = prep.problems().stream()
                .filter(problem -> problem.kind() == Prep.Problem.Kind.WAITS)
                .toList();
        if (!waits.isEmpty()) {
            String more = waits.size() == 1 ? "" : " So it is with " + (waits.size() - 1) + " more.";
            unmet.add(new Unmet(
                    "prep.waits",
                    Unmet.Severity.WISH,
                    Step.PREP,
                    null,
                    waits.get(0).text() + more,
                    show(Step.PREP)));
        }
    }

    private Unmet inPrep(Prep.Problem problem) {
        boolean late = problem.kind() == Prep.Problem.Kind.LATE;
        Remedy remedy = late || problem.kind() == Prep.Problem.Kind.BUFFER
                ? lateRemedies.stream().findFirst().map(LateRemedy::remedy).orElse(show(Step.PREP))
                : show(Step.PREP);
        return new Unmet(
                "prep." + problem.kind() + "." + problem.task(),
                late ? Unmet.Severity.SHORT : Unmet.Severity.WISH,
                Step.PREP,
                null,
                problem.text(),
                remedy);
    }

    private static Unmet beaten(Step step, String pin, BriefEdit free, String text) {
        return new Unmet("pin." + pin, Unmet.Severity.WISH, step, null, text, Remedy.of("Free the pin", free));
    }
}
