package org.livelyladle.core.purchases;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.Trade;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.portions.TradeMaker;

/**
 * Looks for covers: a pack less of one cut when guests who eat both get a little more of another cut of its category.
 * Found exactly by the pack solver; whoever offers it to the host has the whole plan tell what it really saves.
 */
public final class TradeFinder {
    /** At most this part of what willing guests get of a cut is served as another; memory. */
    private static final double MOST_OF_A_SHARE = 1.0 / 3;
    /** Of a category's pairs only so many are looked at, those with most left over first. */
    private static final int MOST_COVERS = 4;

    private static final double NEGLIGIBLE_G = 1;
    private static final double SAME = 1e-9;

    private final Brief brief;
    private final Catalogue catalogue;
    /** Exact shares by cut, then guest [g]. */
    private final Map<String, Map<String, Double>> gramsByCut = new HashMap<>();

    private final Map<String, Purchases.Need> needs;
    private final Shelf shelf;
    private final List<Cut> menu;

    public TradeFinder(
            Brief brief, Catalogue catalogue, Facts facts, LocalDateTime now, Portions portions, Purchases purchases) {
        this.brief = brief;
        this.catalogue = catalogue;
        for (Portion line : portions.lines()) {
            gramsByCut
                    .computeIfAbsent(line.cut(), cut -> new TreeMap<>())
                    .put(line.guest(), line.grams().value());
        }
        this.needs =
                purchases.needs().stream().collect(Collectors.toMap(Purchases.Need::ingredient, Function.identity()));
        this.shelf = new Shelf(brief, catalogue, facts, now);
        List<Cut> all =
                brief.menu().stream().map(MenuItem::cut).map(catalogue::cut).toList();
        this.menu = all.stream()
                .filter(cut -> all.stream()
                                .filter(other -> other.ingredient().equals(cut.ingredient()))
                                .count()
                        == 1)
                .filter(cut -> missing(cut) > NEGLIGIBLE_G
                        && !shelf.offers(cut.ingredient()).isEmpty())
                .toList();
    }

    /** Trades worth looking at, one a category at most, with whole grams as planned. */
    public List<Trade> find() {
        return Category.served().stream()
                .flatMap(category -> in(category).stream())
                .toList();
    }

    private Optional<Trade> in(Category category) {
        List<Cut> own = menu.stream()
                .filter(cut -> catalogue.ingredientOf(cut).category() == category)
                .toList();
        PackSolution alone = solve(own, List.of());
        List<PackProblem.Cover> covers = covers(own, alone);
        if (covers.isEmpty()) {
            return Optional.empty();
        }
        PackSolution covered = solve(own, covers);
        return covered.covered().stream()
                .max(Comparator.comparingDouble(PackSolution.Covered::grams))
                .filter(cover -> covered.objectiveCents() < alone.objectiveCents())
                .map(this::trade);
    }

    /** From grams as bought back to grams as planned; upwards, so that the pack is really not needed. */
    private Trade trade(PackSolution.Covered covered) {
        Cut shortOf = cutOf(covered.ingredient());
        double planned = covered.grams() * catalogue.ingredientOf(shortOf).edibleShare() / margin();
        return new Trade(shortOf.id(), cutOf(covered.by()).id(), Math.ceil(planned));
    }

    private double margin() {
        return 1 + brief.marginPercent() / 100.0;
    }

    private Cut cutOf(String ingredient) {
        return menu.stream()
                .filter(cut -> cut.ingredient().equals(ingredient))
                .findFirst()
                .orElseThrow();
    }

    private PackSolution solve(List<Cut> cuts, List<PackProblem.Cover> covers) {
        List<Offer> offers = cuts.stream()
                .flatMap(cut -> shelf.offers(cut.ingredient()).stream())
                .toList();
        return PackSolver.solve(new PackProblem(
                cuts.stream()
                        .map(cut -> new PackProblem.Need(cut.ingredient(), missing(cut)))
                        .toList(),
                offers.stream()
                        .map(offer -> PackProblem.PackOffer.unit(
                                offer.id(), offer.ingredient(), offer.unitGrams(), offer.unitCents()))
                        .toList(),
                brief.wasteCentsPerKg(),
                covers));
    }

    private double missing(Cut cut) {
        Purchases.Need need = needs.get(cut.ingredient());
        return need == null ? 0 : need.missing().value();
    }

    private List<PackProblem.Cover> covers(List<Cut> own, PackSolution alone) {
        List<PackProblem.Cover> covers = new ArrayList<>();
        for (Cut shortOf : own) {
            for (Cut by : own) {
                if (!shortOf.equals(by) && alike(shortOf, by) && !decided(shortOf, by)) {
                    double most = mostGrams(shortOf, by);
                    if (most > NEGLIGIBLE_G) {
                        covers.add(new PackProblem.Cover(shortOf.ingredient(), by.ingredient(), most));
                    }
                }
            }
        }
        Map<String, Double> left =
                own.stream().collect(Collectors.toMap(Cut::ingredient, cut -> leftOver(cut.ingredient(), alone)));
        return covers.stream()
                .sorted(Comparator.comparingDouble(
                                (PackProblem.Cover cover) -> -Objects.requireNonNull(left.get(cover.by())))
                        .thenComparing(PackProblem.Cover::shortOf)
                        .thenComparing(PackProblem.Cover::by))
                .limit(MOST_COVERS)
                .toList();
    }

    /** A gram of one is a gram of the other, as bought and as counted for the budget. */
    private boolean alike(Cut shortOf, Cut by) {
        return Math.abs(catalogue.ingredientOf(shortOf).edibleShare()
                                - catalogue.ingredientOf(by).edibleShare())
                        < SAME
                && Math.abs(shortOf.dryShare() - by.dryShare()) < SAME;
    }

    private boolean decided(Cut shortOf, Cut by) {
        return brief.decisions().trades().stream()
                .anyMatch(trade -> List.of(trade.shortOf(), trade.by()).contains(shortOf.id())
                        || List.of(trade.shortOf(), trade.by()).contains(by.id()));
    }

    private double mostGrams(Cut shortOf, Cut by) {
        Map<String, Double> other = gramsByCut.getOrDefault(by.id(), Map.of());
        double grams = 0;
        for (Map.Entry<String, Double> own :
                gramsByCut.getOrDefault(shortOf.id(), Map.of()).entrySet()) {
            boolean eatsBoth = other.containsKey(own.getKey());
            if (eatsBoth
                    && TradeMaker.mayTrade(brief, brief.guest(own.getKey()).orElseThrow(), shortOf.id(), by.id())) {
                grams += own.getValue();
            }
        }
        double bought = grams / catalogue.ingredientOf(shortOf).edibleShare() * margin();
        return Math.min(MOST_OF_A_SHARE * bought, missing(shortOf));
    }

    private double leftOver(String ingredient, PackSolution alone) {
        double bought = alone.lines().stream()
                .flatMap(line -> shelf.offers(ingredient).stream()
                        .filter(offer -> offer.id().equals(line.offer()))
                        .map(offer -> line.count() * (double) offer.unitGrams()))
                .mapToDouble(Double::doubleValue)
                .sum();
        return bought - missing(cutOf(ingredient));
    }
}
