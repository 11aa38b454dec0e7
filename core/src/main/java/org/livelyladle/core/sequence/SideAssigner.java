package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Cut;

/**
 * Chooses the side each portion is cooked in. Cut by cut, the side that reaches most of the grams still unassigned
 * takes them all, crowded sides counting less, so that few drops feed many and no side is overloaded.
 */
final class SideAssigner {
    /** Food over the evening at which a litre of broth counts half [g/l]; memory. */
    private static final double CROWDED_G_PER_L = 400;
    /** A side takes at most so many largest drops of one cut while others could take the rest. */
    private static final double DROPS_AT_ONCE = 2;

    private final SideAllocator.Allocation allocation;
    private final Sides plans;
    /** Grams already assigned to each side. */
    private final Map<String, Double> load = new HashMap<>();

    SideAssigner(SideAllocator.Allocation allocation, Sides plans) {
        this.allocation = allocation;
        this.plans = plans;
        allocation.sides().forEach(side -> load.put(side.id(), 0.0));
    }

    /** Demands by cut and side, cuts with the fewest possible sides first. Demands no side reaches are left out. */
    Map<Cut, Map<Side, List<Demand>>> assign(List<Demand> demands) {
        Map<String, List<Demand>> byCut = demands.stream()
                .collect(Collectors.groupingBy(demand -> demand.cut().id(), TreeMap::new, Collectors.toList()));
        Map<Cut, Map<Side, List<Demand>>> assigned = new LinkedHashMap<>();
        byCut.values().stream()
                .sorted(Comparator.comparingInt(this::fewestSides))
                .forEach(own -> assigned.put(own.get(0).cut(), assignCut(own)));
        return assigned;
    }

    private int fewestSides(List<Demand> own) {
        return own.stream()
                .mapToInt(demand -> allocation.reach(demand.guest(), demand.cut()))
                .min()
                .orElse(0);
    }

    private Map<Side, List<Demand>> assignCut(List<Demand> own) {
        Map<Side, List<Demand>> bySide = new LinkedHashMap<>();
        List<Demand> open = new ArrayList<>(own);
        open.removeIf(demand -> allocation.reach(demand.guest(), demand.cut()) == 0);
        while (!open.isEmpty()) {
            Side side = bestSide(open);
            List<Demand> taken = take(open, side);
            open.removeIf(demand -> taken.stream().anyMatch(t -> t == demand));
            bySide.computeIfAbsent(side, s -> new ArrayList<>()).addAll(taken);
            load.merge(side.id(), potGrams(taken), Double::sum);
        }
        return bySide;
    }

    /** As many as fill two drops, those with the fewest other sides first. */
    private List<Demand> take(List<Demand> open, Side side) {
        List<Demand> taken = new ArrayList<>();
        double most = DROPS_AT_ONCE * plans.side(side.id()).dropLimit().value();
        open.stream()
                .filter(demand -> reaches(demand, side))
                .sorted(Comparator.comparingInt((Demand demand) -> allocation.reach(demand.guest(), demand.cut()))
                        .thenComparing(demand -> demand.guest().id()))
                .forEach(demand -> {
                    if (taken.isEmpty() || potGrams(taken) + potGrams(List.of(demand)) <= most) {
                        taken.add(demand);
                    }
                });
        return taken;
    }

    private Side bestSide(List<Demand> open) {
        Side best = null;
        double bestScore = -1;
        for (Side side : allocation.sides()) {
            double reached = potGrams(take(open, side));
            double litres = plans.side(side.id()).fill().value() / 1000;
            double score = reached / (1 + load.get(side.id()) / (litres * CROWDED_G_PER_L));
            if (score > bestScore) {
                bestScore = score;
                best = side;
            }
        }
        return java.util.Objects.requireNonNull(best);
    }

    private boolean reaches(Demand demand, Side side) {
        return allocation.mayEatFrom(demand.guest(), side) && allocation.mayHold(demand.cut(), side);
    }

    /** Weight in the broth, soaked or swollen [g]. */
    private static double potGrams(List<Demand> demands) {
        return demands.stream()
                .mapToDouble(demand -> demand.grams() * demand.cut().swell())
                .sum();
    }
}
