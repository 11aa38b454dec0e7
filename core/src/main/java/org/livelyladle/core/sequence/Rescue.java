package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;

/**
 * Finds places for what fits nowhere in the side it was meant for: in every side open to its eaters, first in drops as
 * usual, then in ever smaller ones. What is left then really has no room.
 */
final class Rescue {
    private final List<Side> sides;
    private final SideAllocator.Allocation allocation;
    private final Batcher batcher;
    /** By cut, then guest. */
    private final Map<String, Map<String, Demand>> left = new TreeMap<>();
    /** Batches there are of a cut in a side. */
    private final Map<String, Integer> numbers = new HashMap<>();

    Rescue(List<Side> sides, SideAllocator.Allocation allocation, Batcher batcher) {
        this.sides = sides;
        this.allocation = allocation;
        this.batcher = batcher;
    }

    /** As it is now, to go on from without changing this one. */
    Rescue copy() {
        Rescue copy = new Rescue(sides, allocation, batcher);
        left.forEach((cut, byGuest) -> copy.left.put(cut, new TreeMap<>(byGuest)));
        copy.numbers.putAll(numbers);
        return copy;
    }

    /** Makes their numbers known, so that none is given twice. */
    List<Batch> number(List<Batch> batches) {
        batches.forEach(batch -> numbers.merge(key(batch.cut(), batch.homeSide()), batch.number(), Math::max));
        return batches;
    }

    void take(Batch batch, Brief brief) {
        batch.servings()
                .forEach(serving -> take(new Demand(
                        brief.guest(serving.guest()).orElseThrow(), batch.dish(), serving.pieces(), serving.grams())));
    }

    void take(Demand demand) {
        left.computeIfAbsent(demand.cut().id(), cut -> new TreeMap<>())
                .merge(demand.guest().id(), demand, Demand::and);
    }

    List<Demand> left() {
        return left.values().stream()
                .flatMap(byGuest -> byGuest.values().stream())
                .toList();
    }

    void place(Sequencer sequencer) {
        Map<String, Double> full = new HashMap<>();
        List<Map<String, Demand>> all = List.copyOf(left.values());
        left.clear();
        for (Map<String, Demand> byGuest : all) {
            List<Demand> open = List.copyOf(byGuest.values());
            for (int s = 0; s < sides.size() && !open.isEmpty(); s++) {
                open = place(open, sides.get(s), sequencer, full);
            }
            open.forEach(this::take);
        }
    }

    /** @return what found no place in this side */
    private List<Demand> place(List<Demand> demands, Side side, Sequencer sequencer, Map<String, Double> full) {
        Dish dish = demands.get(0).dish();
        Cut cut = dish.cut();
        List<Demand> eaters = new ArrayList<>();
        Map<String, Demand> rest = new TreeMap<>();
        for (Demand demand : demands) {
            boolean open = allocation.mayHold(cut, side)
                    && allocation.mayEatFrom(demand.guest(), side)
                    && batcher.canMeet(dish, side, demand)
                    && takesACrumb(demand, side, sequencer, full);
            if (open) {
                eaters.add(demand);
            } else {
                rest.put(demand.guest().id(), demand);
            }
        }
        for (Batch batch : number(batcher.split(dish, side, eaters, next(cut, side)))) {
            if (!sequencer.add(batch)) {
                inHalves(parts(batch, eaters), batch, sequencer, full)
                        .forEach(left -> rest.merge(left.guest().id(), left, Demand::and));
            }
        }
        return List.copyOf(rest.values());
    }

    /**
     * What found no place together in ever smaller drops, down to a piece.
     *
     * @param of the batch it was
     * @return what found no place
     */
    private List<Demand> inHalves(List<Demand> part, Batch of, Sequencer sequencer, Map<String, Double> full) {
        List<List<Demand>> halves = halves(part);
        if (halves.isEmpty()) {
            part.forEach(crumb -> full.merge(kind(crumb, of.side()), crumb.grams(), Math::min));
            return part;
        }
        List<Demand> left = new ArrayList<>();
        for (List<Demand> half : halves) {
            boolean isFull = half.stream().allMatch(demand -> isFull(smallest(demand), demand, of.side(), full));
            if (isFull || !add(half, of, sequencer)) {
                left.addAll(isFull ? half : inHalves(half, of, sequencer, full));
            }
        }
        return left;
    }

    private boolean add(List<Demand> part, Batch of, Sequencer sequencer) {
        Optional<Batch> batch =
                batcher.again(of.dish(), of.side(), of.homeSide(), next(of.cut(), of.side()), of.place(), part);
        if (batch.isEmpty() || !sequencer.add(batch.get())) {
            return false;
        }
        number(List.of(batch.get()));
        return true;
    }

    /** Half of the guests each, or of what one guest gets; nothing where it cannot be divided. */
    private static List<List<Demand>> halves(List<Demand> part) {
        if (part.size() > 1) {
            int middle = part.size() / 2;
            return List.of(part.subList(0, middle), part.subList(middle, part.size()));
        }
        Demand only = part.get(0);
        boolean isCrumb = only.pieces() == 1 || only.pieces() == 0 && only.grams() <= Batcher.SMALLEST_HELPING_G;
        return isCrumb ? List.of() : List.of(List.of(Batcher.part(only, 0, 2)), List.of(Batcher.part(only, 1, 2)));
    }

    private static double smallest(Demand demand) {
        return demand.pieces() > 0
                ? demand.grams() / demand.pieces()
                : Math.min(demand.grams(), Batcher.SMALLEST_HELPING_G);
    }

    private static List<Demand> parts(Batch batch, List<Demand> eaters) {
        Map<String, Demand> byGuest = new HashMap<>();
        eaters.forEach(demand -> byGuest.put(demand.guest().id(), demand));
        return batch.servings().stream()
                .map(serving -> new Demand(
                        byGuest.get(serving.guest()).guest(), batch.dish(), serving.pieces(), serving.grams()))
                .toList();
    }

    /** Where not even a piece finds a place there is no use in trying more, now or for others who come and go alike. */
    private boolean takesACrumb(Demand demand, Side side, Sequencer sequencer, Map<String, Double> full) {
        Batch crumb = batcher.crumb(demand.dish(), side, demand);
        if (isFull(crumb.grams(), demand, side, full)) {
            return false;
        }
        boolean fits = sequencer.fits(crumb);
        if (!fits) {
            full.merge(kind(demand, side), crumb.grams(), Math::min);
        }
        return fits;
    }

    /** No less than this found no place before. */
    private boolean isFull(double grams, Demand demand, Side side, Map<String, Double> full) {
        return grams >= full.getOrDefault(kind(demand, side), Double.MAX_VALUE);
    }

    private String kind(Demand demand, Side side) {
        return key(demand.cut(), side)
                + (batcher.in(demand.dish(), side).shared()
                        ? ""
                        : " " + demand.guest().id())
                + " " + demand.guest().arrivesAfterMinutes()
                + " " + demand.guest().leavesAfterMinutes();
    }

    private int next(Cut cut, Side side) {
        return numbers.getOrDefault(key(cut, side), 0) + 1;
    }

    private static String key(Cut cut, Side side) {
        return cut.id() + "@" + side.id();
    }
}
