package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.Sides;

/**
 * Chooses the side each portion is cooked in. What somebody puts in for others goes into the fewest sides that reach
 * everybody it is for, those that hold least otherwise; what is dipped each guest dips where there is most room.
 */
final class SideAssigner {
    /** A cut goes into at most so many sides when that reaches everybody. */
    private static final int MOST_SIDES = 3;
    /** More of one cut than so many largest drops goes into more sides than it must. */
    private static final double MOST_DROPS = 5;

    private final SideAllocator.Allocation allocation;
    private final Sides plans;
    private final List<Side> sides;
    /** Grams already assigned to each side. */
    private final double[] load;

    SideAssigner(SideAllocator.Allocation allocation, Sides plans) {
        this.allocation = allocation;
        this.plans = plans;
        this.sides = allocation.sides();
        this.load = new double[sides.size()];
    }

    /** Who gets a cut from which side. */
    private record Deal(Map<Integer, List<Demand>> bySide, double crowding, boolean isTooMuch) {}

    /** Demands by cut and side, cuts with the fewest possible sides first. Demands no side reaches are left out. */
    Map<Dish, Map<Side, List<Demand>>> assign(List<Demand> demands) {
        Map<String, List<Demand>> byCut = demands.stream()
                .collect(Collectors.groupingBy(demand -> demand.cut().id(), TreeMap::new, Collectors.toList()));
        Map<Dish, Map<Side, List<Demand>>> assigned = new LinkedHashMap<>();
        byCut.values().stream()
                .sorted(Comparator.comparingInt(this::fewestSides))
                .forEach(own -> assigned.put(own.get(0).dish(), assignDish(own)));
        return assigned;
    }

    private int fewestSides(List<Demand> own) {
        return own.stream()
                .mapToInt(demand -> allocation.reach(demand.guest(), demand.cut()))
                .min()
                .orElse(0);
    }

    private Map<Side, List<Demand>> assignDish(List<Demand> own) {
        List<Demand> open = own.stream()
                .filter(demand -> allocation.reach(demand.guest(), demand.cut()) > 0)
                .sorted(Comparator.comparingInt((Demand demand) -> allocation.reach(demand.guest(), demand.cut()))
                        .thenComparing(demand -> demand.guest().id()))
                .toList();
        Map<Side, List<Demand>> bySide = new LinkedHashMap<>();
        if (!open.isEmpty()) {
            best(open).bySide().forEach((side, taken) -> {
                bySide.put(sides.get(side), taken);
                load[side] += potGrams(taken);
            });
        }
        return bySide;
    }

    private Deal best(List<Demand> open) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            all.add(i);
        }
        Dish dish = open.get(0).dish();
        boolean inSeveral =
                dish.item().inSides() != null && dish.item().inSides().size() > 1;
        Deal everywhere = deal(open, all, inSeveral);
        if (everywhere == null) {
            throw new IllegalStateException("A demand that is reached is reached by some side");
        }
        if (!dish.shared() || inSeveral) {
            return everywhere;
        }
        Deal best = null;
        for (int count = 1; count <= MOST_SIDES && (best == null || best.isTooMuch()); count++) {
            Deal next = least(open, new ArrayList<>(), 0, count, null);
            best = best == null || next != null && next.crowding() < best.crowding() ? next : best;
        }
        return best == null ? everywhere : best;
    }

    /** The least crowded of all deals among so many more sides from a first one on. */
    private @Nullable Deal least(List<Demand> open, List<Integer> chosen, int first, int count, @Nullable Deal best) {
        if (count == 0) {
            Deal deal = deal(open, chosen, false);
            return best == null || deal != null && deal.crowding() < best.crowding() ? deal : best;
        }
        Deal least = best;
        for (int side = first; side <= sides.size() - count; side++) {
            chosen.add(side);
            least = least(open, chosen, side + 1, count - 1, least);
            chosen.remove(chosen.size() - 1);
        }
        return least;
    }

    /**
     * Each to the side that is least full then; null when somebody is reached by none of them.
     *
     * @param evenly whatever else goes into the sides
     */
    private @Nullable Deal deal(List<Demand> open, List<Integer> among, boolean evenly) {
        Map<Integer, List<Demand>> bySide = new TreeMap<>();
        double[] taken = new double[sides.size()];
        for (Demand demand : open) {
            int best = -1;
            for (int side : among) {
                if (reaches(demand, sides.get(side)) && (best < 0 || isBetter(demand, side, best, taken, evenly))) {
                    best = side;
                }
            }
            if (best < 0) {
                return null;
            }
            taken[best] += potGrams(List.of(demand));
            bySide.computeIfAbsent(best, s -> new ArrayList<>()).add(demand);
        }
        if (open.get(0).dish().shared()) {
            bySide.forEach((side, own) -> accompany(side, own, bySide, taken));
        }
        double crowding = 0;
        boolean isTooMuch = false;
        for (int side : bySide.keySet()) {
            double full = fullness(side, taken[side]);
            crowding += taken[side] * full;
            isTooMuch |= taken[side] > MOST_DROPS * plan(side).dropLimit().value();
        }
        return new Deal(bySide, crowding, isTooMuch);
    }

    /** Whoever would be served alone is joined by one of the most who share another side and may eat from this one too. */
    private void accompany(int side, List<Demand> own, Map<Integer, List<Demand>> bySide, double[] taken) {
        Map.Entry<Integer, List<Demand>> most = bySide.entrySet().stream()
                .max(Comparator.comparingInt(other -> other.getValue().size()))
                .orElseThrow();
        if (own.size() > 1 || most.getValue().size() < 3) {
            return;
        }
        most.getValue().stream()
                .filter(demand -> reaches(demand, sides.get(side)))
                .filter(demand ->
                        !sides.get(most.getKey()).id().equals(demand.guest().favouriteSide()))
                .findFirst()
                .ifPresent(demand -> {
                    most.getValue().remove(demand);
                    own.add(demand);
                    taken[most.getKey()] -= potGrams(List.of(demand));
                    taken[side] += potGrams(List.of(demand));
                });
    }

    /** The guest's favourite side before all others, else the one that is less full. */
    private boolean isBetter(Demand demand, int side, int than, double[] taken, boolean evenly) {
        String favourite = demand.guest().favouriteSide();
        if (sides.get(side).id().equals(favourite) || sides.get(than).id().equals(favourite)) {
            return sides.get(side).id().equals(favourite);
        }
        return evenly
                ? taken[side] / plan(side).fill().value()
                        < taken[than] / plan(than).fill().value()
                : fullness(side, taken[side]) < fullness(than, taken[than]);
    }

    /** Food over the evening to the broth there is [g/ml]. */
    private double fullness(int side, double more) {
        return (load[side] + more) / plan(side).fill().value();
    }

    private SidePlan plan(int side) {
        return plans.side(sides.get(side).id());
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
