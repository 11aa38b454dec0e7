package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.table.Stay;

/**
 * Other ways to put the same food in for the same people: one drop as two, two as one, or all of a cut in another side.
 * Nobody is served alone who was not before, and no drop is larger than its side takes.
 */
final class Rebatcher {
    /** A helping is not divided into less a head [g]; memory. */
    private static final double LEAST_HELPING_G = 5;
    /** Numbers of what is made here, until all are numbered as they come. */
    private static final int FIRST_NUMBER = 10_000;

    private final Brief brief;
    private final Batcher batcher;
    private final SideAllocator.Allocation allocation;
    private final SideFitness fitness;
    private final OrderOfEating order;
    /** Cuts that are eaten with others, and those others. */
    private final Set<String> tied;

    private int made;

    Rebatcher(
            Brief brief,
            Batcher batcher,
            SideAllocator.Allocation allocation,
            SideFitness fitness,
            OrderOfEating order) {
        this.brief = brief;
        this.batcher = batcher;
        this.allocation = allocation;
        this.fitness = fitness;
        this.order = order;
        this.tied = brief.menu().stream()
                .filter(item -> item.with() != null)
                .flatMap(item -> List.of(item.cut(), item.with()).stream())
                .collect(Collectors.toSet());
    }

    /** What somebody looks after for others and the host has not decided about. */
    boolean mayChange(Placing placing) {
        MenuItem item = placing.batch.dish().item();
        boolean inSeveral = item.inSides() != null && item.inSides().size() > 1;
        return placing.shared && !placing.batch.dish().lifted() && !inSeveral && !tied.contains(item.cut());
    }

    /**
     * One drop as two that come one after the other, or nothing where it cannot be.
     *
     * @param count drops there are of it in this side
     */
    List<Batch> halves(Batch batch, int count) {
        boolean isSmall = batch.servings().stream().allMatch(serving -> serving.pieces() == 0)
                && batch.grams() < 2 * LEAST_HELPING_G * batch.servings().size();
        if (isSmall) {
            return List.of();
        }
        double aside = order.length(batch.dish()) / count / 4;
        List<Demand> demands = demands(batch);
        List<Batch> halves = new ArrayList<>();
        for (int half = 0; half < 2; half++) {
            List<Demand> parts = new ArrayList<>();
            for (int g = 0; g < demands.size(); g++) {
                Demand part = Batcher.part(demands.get(g), (half + g) % 2, 2);
                if (part.grams() > 0) {
                    parts.add(part);
                }
            }
            if (parts.size() < Math.min(2, batch.servings().size())) {
                return List.of();
            }
            made(batch, batch.side(), batch.place().aside(half == 0 ? -aside : aside), parts)
                    .ifPresent(halves::add);
        }
        return halves.size() == 2 ? halves : List.of();
    }

    /** Two drops as one, or nothing where it would be too large or its eaters never meet. */
    Optional<Batch> joined(Batch one, Batch other) {
        Map<String, Demand> all = new LinkedHashMap<>();
        demands(one).forEach(demand -> all.put(demand.guest().id(), demand));
        demands(other).forEach(demand -> all.merge(demand.guest().id(), demand, Demand::and));
        double between = (one.place().share() + other.place().share()) / 2;
        return made(one, one.side(), one.place().aside(between - one.place().share()), List.copyOf(all.values()));
    }

    /** The same drops in another side, or nothing where that is not open to all or takes less. */
    List<Batch> in(Side other, List<Batch> all) {
        List<Batch> there = new ArrayList<>();
        for (Batch batch : all) {
            List<Demand> demands = demands(batch);
            boolean isOpen = allocation.mayHold(batch.cut(), other)
                    && fitness.canCook(batch.cut(), other)
                    && batcher.in(batch.dish(), other).equals(batch.dish())
                    && demands.stream().map(Demand::guest).allMatch(guest -> isWelcome(guest, batch.side(), other));
            Optional<Batch> moved = isOpen ? made(batch, other, batch.place(), demands) : Optional.empty();
            if (moved.isEmpty()) {
                return List.of();
            }
            there.add(moved.get());
        }
        return there;
    }

    private boolean isWelcome(Guest guest, Side from, Side to) {
        return allocation.mayEatFrom(guest, to) && !from.id().equals(guest.favouriteSide());
    }

    private Optional<Batch> made(Batch of, Side side, OrderOfEating.Place place, List<Demand> demands) {
        made++;
        return batcher.takesAtOnce(of.dish(), side, demands)
                ? batcher.again(of.dish(), side, side, FIRST_NUMBER + made, place, demands)
                : Optional.empty();
    }

    private List<Demand> demands(Batch batch) {
        return batch.servings().stream()
                .map((Stay.Serving serving) -> new Demand(
                        brief.guest(serving.guest()).orElseThrow(), batch.dish(), serving.pieces(), serving.grams()))
                .toList();
    }
}
