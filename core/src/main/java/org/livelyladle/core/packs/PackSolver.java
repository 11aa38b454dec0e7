package org.livelyladle.core.packs;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.packs.PackProblem.Cover;
import org.livelyladle.core.packs.PackProblem.Need;
import org.livelyladle.core.packs.PackProblem.PackOffer;

/** Finds the cheapest packs; see the package for what is minimised and how. One use per problem. */
public final class PackSolver {
    private final PackProblem problem;
    private final List<String> ingredients = new ArrayList<>();
    private final Map<String, Integer> places = new HashMap<>();
    private final double[] needs;
    private final List<List<PackOffer>> offers = new ArrayList<>();
    private final List<CoverSearch.Link> links = new ArrayList<>();
    private final Map<String, Integer> countByOffer = new HashMap<>();
    private final double[] bought;
    private final CostCurve.Budget budget = new CostCurve.Budget();
    private boolean proven = true;

    private PackSolver(PackProblem problem) {
        this.problem = problem;
        problem.needs().forEach(need -> place(need.ingredient()));
        problem.covers().forEach(cover -> {
            place(cover.shortOf());
            place(cover.by());
        });
        this.needs = new double[ingredients.size()];
        this.bought = new double[ingredients.size()];
        for (Need need : problem.needs()) {
            needs[places.get(need.ingredient())] = need.grams();
        }
        for (PackOffer offer : problem.offers()) {
            Integer place = places.get(offer.ingredient());
            if (place != null) {
                offers.get(place).add(offer);
            }
        }
        for (Cover cover : problem.covers()) {
            int shortOf = places.get(cover.shortOf());
            double grams = Math.min(cover.maxGrams(), needs[shortOf]);
            if (grams > 0) {
                links.add(new CoverSearch.Link(shortOf, places.get(cover.by()), grams));
            }
        }
    }

    /** @throws UnsuppliedException naming the first need that nothing can meet */
    public static PackSolution solve(PackProblem problem) {
        return new PackSolver(problem).solve();
    }

    private void place(String ingredient) {
        if (places.putIfAbsent(ingredient, ingredients.size()) == null) {
            ingredients.add(ingredient);
            offers.add(new ArrayList<>());
        }
    }

    private PackSolution solve() {
        for (int k = 0; k < needs.length; k++) {
            checkSupplied(k);
        }
        components().forEach(this::solveTogether);
        return solution();
    }

    private void checkSupplied(int k) {
        double coverable = links.stream()
                .filter(link -> link.shortOf() == k && !offers.get(link.by()).isEmpty())
                .mapToDouble(CoverSearch.Link::maxGrams)
                .sum();
        if (offers.get(k).isEmpty() && coverable < needs[k] - CoverFlow.TINY) {
            throw new UnsuppliedException(ingredients.get(k), needs[k], coverable);
        }
    }

    /** Places of ingredients tied together by covers, each group in order. */
    private List<List<Integer>> components() {
        int[] group = new int[needs.length];
        for (int k = 0; k < group.length; k++) {
            group[k] = k;
        }
        for (CoverSearch.Link link : links) {
            int from = group[link.by()];
            int to = group[link.shortOf()];
            for (int k = 0; k < group.length; k++) {
                group[k] = group[k] == from ? to : group[k];
            }
        }
        Map<Integer, List<Integer>> members = new LinkedHashMap<>();
        for (int k = 0; k < group.length; k++) {
            members.computeIfAbsent(group[k], g -> new ArrayList<>()).add(k);
        }
        return List.copyOf(members.values());
    }

    private void solveTogether(List<Integer> members) {
        double[] own = members.stream().mapToDouble(k -> needs[k]).toArray();
        List<CoverSearch.Link> ownLinks = links.stream()
                .filter(link -> members.contains(link.by()))
                .map(link -> new CoverSearch.Link(
                        members.indexOf(link.shortOf()), members.indexOf(link.by()), link.maxGrams()))
                .toList();
        List<CostCurve> curves = new ArrayList<>();
        for (int i = 0; i < own.length; i++) {
            int place = i;
            double givable = ownLinks.stream()
                    .filter(link -> link.by() == place)
                    .mapToDouble(CoverSearch.Link::maxGrams)
                    .sum();
            curves.add(new CostCurve(offers.get(members.get(i)), own[i] + givable, problem.wasteCentsPerKg(), budget));
        }
        int[] corners = ownLinks.isEmpty()
                ? new int[] {curves.get(0).cornerFor(own[0])}
                : searched(new CoverSearch(own, curves, ownLinks));
        for (int i = 0; i < corners.length; i++) {
            buy(members.get(i), curves.get(i).counts(corners[i]));
        }
    }

    private int[] searched(CoverSearch search) {
        int[] corners = search.solve();
        proven &= search.isProven();
        return corners;
    }

    private void buy(int k, int[] counts) {
        for (int i = 0; i < counts.length; i++) {
            PackOffer offer = offers.get(k).get(i);
            countByOffer.put(offer.id(), counts[i]);
            bought[k] += counts[i] * offer.unitGrams();
        }
    }

    private PackSolution solution() {
        List<PackSolution.Line> lines = new ArrayList<>();
        long cents = 0;
        double exact = 0;
        for (PackOffer offer : problem.offers()) {
            int count = countByOffer.getOrDefault(offer.id(), 0);
            if (count > 0) {
                lines.add(new PackSolution.Line(offer.id(), count));
                cents += roundHalfUp(count * offer.unitCents());
                exact += count * offer.unitCents();
            }
        }
        double waste = 0;
        for (int k = 0; k < needs.length; k++) {
            waste += bought[k] - needs[k];
        }
        return new PackSolution(
                lines, cents, waste, exact + problem.wasteCentsPerKg() / 1000 * waste, covered(), proven);
    }

    /** Whole cents, a half upwards; sums of prices like 0.1 may end a hair below the half. */
    public static long roundHalfUp(double cents) {
        return (long) Math.floor(cents + 0.5 + 1e-9);
    }

    /** Who covers whom with what is bought; each need takes its own first. */
    private List<PackSolution.Covered> covered() {
        int n = needs.length;
        CoverFlow flow = new CoverFlow(2 * n + 2);
        for (int k = 0; k < n; k++) {
            flow.arc(2 * n, k, bought[k], 0);
            flow.arc(k, n + k, Double.POSITIVE_INFINITY, 0);
            flow.arc(n + k, 2 * n + 1, needs[k], 0);
        }
        int[] arcs = links.stream()
                .mapToInt(link -> flow.arc(link.by(), n + link.shortOf(), link.maxGrams(), 1))
                .toArray();
        flow.send(2 * n, 2 * n + 1);
        Map<List<String>, Double> grams = new LinkedHashMap<>();
        for (int i = 0; i < arcs.length; i++) {
            double used = flow.flow(arcs[i]);
            if (used > 1e-6) {
                CoverSearch.Link link = links.get(i);
                grams.merge(List.of(ingredients.get(link.shortOf()), ingredients.get(link.by())), used, Double::sum);
            }
        }
        return grams.entrySet().stream()
                .map(entry -> new PackSolution.Covered(
                        entry.getKey().get(0), entry.getKey().get(1), entry.getValue()))
                .toList();
    }
}
