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
 * usual, then piece by piece. What is left then really has no room.
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
                for (Demand part : parts(batch, eaters)) {
                    crumbs(part, side, sequencer, full)
                            .ifPresent(left -> rest.merge(left.guest().id(), left, Demand::and));
                }
            }
        }
        return List.copyOf(rest.values());
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
        Batch crumb = batcher.crumble(demand.dish(), side, demand, 1).get(0);
        if (isFull(crumb, demand, side, full)) {
            return false;
        }
        boolean fits = sequencer.fits(crumb);
        if (!fits) {
            full.merge(kind(demand, side), crumb.grams(), Math::min);
        }
        return fits;
    }

    /** No less than this found no place before. */
    private boolean isFull(Batch crumb, Demand demand, Side side, Map<String, Double> full) {
        return crumb.grams() >= full.getOrDefault(kind(demand, side), Double.MAX_VALUE);
    }

    private String kind(Demand demand, Side side) {
        return key(demand.cut(), side)
                + (batcher.in(demand.dish(), side).shared()
                        ? ""
                        : " " + demand.guest().id())
                + " " + demand.guest().arrivesAfterMinutes()
                + " " + demand.guest().leavesAfterMinutes();
    }

    /** Piece by piece until no more fit; what is left of it. */
    private Optional<Demand> crumbs(Demand demand, Side side, Sequencer sequencer, Map<String, Double> full) {
        Dish dish = demand.dish();
        Cut cut = dish.cut();
        int pieces = demand.pieces();
        double grams = demand.grams();
        for (Batch crumb : number(batcher.crumble(dish, side, demand, next(cut, side)))) {
            if (isFull(crumb, demand, side, full) || !sequencer.add(crumb)) {
                full.merge(kind(demand, side), crumb.grams(), Math::min);
                return Optional.of(new Demand(demand.guest(), dish, pieces, grams));
            }
            pieces -= crumb.servings().get(0).pieces();
            grams -= crumb.grams();
        }
        return Optional.empty();
    }

    private int next(Cut cut, Side side) {
        return numbers.getOrDefault(key(cut, side), 0) + 1;
    }

    private static String key(Cut cut, Side side) {
        return cut.id() + "@" + side.id();
    }
}
