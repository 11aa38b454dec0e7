package org.livelyladle.core.purchases;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Deal;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;

/**
 * Chooses packs for every need. A bundle (n for m) is one more pack size, so it is taken exactly where it makes the
 * least price and waste. A spend threshold is then taken where the free pack, and at most one more purchase that lifts
 * the bill to the threshold, make price and waste together fall.
 */
final class PackChooser {
    /** Less than this is no saving [cents]. */
    private static final double WORTH_CENTS = 1;
    /** A top-up larger than this many packs is no sensible way to a free one. */
    private static final int MOST_TOP_UP = 6;

    /** A deal that pays. */
    record Used(Deal deal, double before, double after) {}

    private final Brief brief;
    private final Facts facts;
    private final Map<String, Choice> choices = new LinkedHashMap<>();
    private final Map<String, List<Offer>> offers = new LinkedHashMap<>();
    private final List<Used> used = new ArrayList<>();

    PackChooser(Brief brief, Facts facts) {
        this.brief = brief;
        this.facts = facts;
    }

    List<Used> usedDeals() {
        return used;
    }

    List<Choice> choices() {
        return List.copyOf(choices.values());
    }

    /** One of them at least must supply the need. */
    void choose(String ingredient, double missing, List<Offer> from) {
        offers.put(ingredient, from);
        Choice choice = solve(ingredient, missing, from, bundles(from));
        choices.put(ingredient, choice);
        choice.picked().stream()
                .filter(pick -> pick.deal() != null)
                .forEach(pick -> used.add(new Used(
                        deal(Objects.requireNonNull(pick.deal())),
                        realCost(solve(ingredient, missing, from, List.of())),
                        realCost(choice))));
    }

    void takeThresholds() {
        deals().stream()
                .filter(deal -> !deal.isBundle())
                .sorted(Comparator.comparing(Deal::id))
                .forEach(this::takeThreshold);
    }

    private List<Deal> deals() {
        return brief.prices().deals();
    }

    private Deal deal(String id) {
        return deals().stream().filter(deal -> deal.id().equals(id)).findFirst().orElseThrow();
    }

    private List<Deal> bundles(List<Offer> from) {
        return deals().stream()
                .filter(Deal::isBundle)
                .filter(deal -> from.stream().anyMatch(offer -> offer.id().equals(deal.offer())))
                .toList();
    }

    private double realCost(Choice choice) {
        return choice.realCost(brief.wasteCentsPerKg());
    }

    private Choice solve(String ingredient, double missing, List<Offer> from, List<Deal> bundles) {
        Map<String, Choice.Picked> meanings = new LinkedHashMap<>();
        List<PackProblem.PackOffer> packs = new ArrayList<>();
        for (Offer offer : from) {
            add(packs, meanings, offer.id(), new Choice.Picked(offer, 1, 0, null));
            bundles.stream()
                    .filter(deal -> deal.offer().equals(offer.id()))
                    .forEach(deal -> add(packs, meanings, "deal:" + deal.id(), bundle(deal, offer)));
        }
        PackSolution solution = PackSolver.solve(new PackProblem(
                List.of(new PackProblem.Need(ingredient, missing)), packs, brief.wasteCentsPerKg(), List.of()));
        Choice choice = new Choice(ingredient, missing, List.of());
        for (PackSolution.Line line : solution.lines()) {
            Choice.Picked one = Objects.requireNonNull(meanings.get(line.offer()));
            choice = choice.plus(one.offer(), line.count() * one.count(), line.count() * one.free(), one.deal());
        }
        return choice;
    }

    private static Choice.Picked bundle(Deal deal, Offer offer) {
        int take = Objects.requireNonNull(deal.take());
        return new Choice.Picked(offer, take, take - Objects.requireNonNull(deal.pay()), deal.id());
    }

    private static void add(
            List<PackProblem.PackOffer> packs, Map<String, Choice.Picked> meanings, String id, Choice.Picked one) {
        meanings.put(id, one);
        packs.add(PackProblem.PackOffer.unit(id, one.offer().ingredient(), one.grams(), one.cents()));
    }

    private void takeThreshold(Deal deal) {
        Optional<Offer> free = brief.prices().offers().stream()
                .filter(offer -> offer.id().equals(deal.offer()))
                .filter(offer -> choices.containsKey(offer.ingredient()))
                .findFirst();
        if (free.isEmpty()) {
            return;
        }
        Map<String, Choice> before = Map.copyOf(choices);
        double cost = total();
        withFree(deal, free.get());
        boolean reached = reach(free.get().shop(), Objects.requireNonNull(deal.spendCents()), free.get());
        if (reached && total() < cost - WORTH_CENTS) {
            used.add(new Used(deal, cost, total()));
        } else {
            choices.replaceAll((ingredient, choice) -> Objects.requireNonNull(before.get(ingredient)));
        }
    }

    private double total() {
        return choices.values().stream().mapToDouble(this::realCost).sum();
    }

    private void withFree(Deal deal, Offer free) {
        String ingredient = free.ingredient();
        double missing = Objects.requireNonNull(choices.get(ingredient)).missing();
        List<Offer> from = Objects.requireNonNull(offers.get(ingredient));
        Choice rest = solve(ingredient, Math.max(0, missing - free.unitGrams()), from, bundles(from));
        choices.put(ingredient, rest.against(missing).plus(free, 1, 1, deal.id()));
    }

    /** Lifts the bill of a shop to a threshold by the cheapest single purchase; false when none does. */
    private boolean reach(String shop, int spendCents, Offer free) {
        double bill = choices.values().stream()
                        .mapToDouble(choice -> choice.cents(shop))
                        .sum()
                + paid(shop);
        double gap = spendCents - bill;
        if (gap <= 0) {
            return true;
        }
        Optional<Map.Entry<Offer, Integer>> topUp = choices.keySet().stream()
                .flatMap(ingredient -> Objects.requireNonNull(offers.get(ingredient)).stream())
                .filter(offer -> offer.shop().equals(shop) && offer.unitCents() > 0)
                .filter(offer -> !offer.id().equals(free.id()))
                .map(offer -> Map.entry(offer, (int) Math.ceil(gap / offer.unitCents())))
                .filter(entry -> entry.getKey().soldLoose() || entry.getValue() <= MOST_TOP_UP)
                .min(Comparator.<Map.Entry<Offer, Integer>>comparingDouble(
                                entry -> extraCost(entry.getKey(), entry.getValue()))
                        .thenComparing(entry -> entry.getKey().id()));
        topUp.ifPresent(entry -> choices.computeIfPresent(
                entry.getKey().ingredient(),
                (ingredient, choice) -> choice.plus(entry.getKey(), entry.getValue(), 0, null)));
        return topUp.isPresent();
    }

    private double extraCost(Offer offer, int count) {
        return count * (offer.unitCents() + offer.unitGrams() * (double) brief.wasteCentsPerKg() / 1000);
    }

    private double paid(String shop) {
        return facts.bought().stream()
                .filter(bought -> brief.prices().offers().stream()
                        .anyMatch(offer -> offer.id().equals(bought.offer())
                                && offer.shop().equals(shop)))
                .mapToDouble(Facts.Bought::priceCents)
                .sum();
    }
}
