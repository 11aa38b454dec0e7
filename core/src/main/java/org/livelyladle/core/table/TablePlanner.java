package org.livelyladle.core.table;

import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;

/**
 * Sequences the table: who eats from which side, what goes in together, when. Holds the hard rules H1 (nobody is fed
 * from a side that breaks a contact need), H2 (never over the brim), H4 (load and baskets), H6 (every take-out inside
 * its window) and H8 (what is not served is named).
 */
public final class TablePlanner {
    /** All times of the sequence stand on this grid [s]. */
    static final int GRID_SECONDS = 5;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Sides plans;
    private final Windows windows;
    private final KitchenText text;
    private final Ledger ledger;
    private final Openness openness;
    private final List<TablePlan.Remainder> remainders = new ArrayList<>();
    private final List<TablePlan.BeatenPin> beaten = new ArrayList<>();

    public TablePlanner(
            Brief brief, Catalogue catalogue, Sides plans, Windows windows, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.plans = plans;
        this.windows = windows;
        this.ledger = ledger;
        this.text = text;
        this.openness = new Openness(brief, catalogue);
    }

    public TablePlan plan(Portions portions) {
        List<Demand> demands = portions.lines().stream()
                .filter(portion -> portion.served().value() > 0)
                .map(this::demand)
                .toList();
        SideAllocator.Allocation allocation = new SideAllocator(brief, catalogue, plans, demands, openness).allocate();
        nameUnreached(demands, allocation);
        List<Batch> batches = batches(portions, demands, allocation);
        Sequencer sequencer = sequence(batches, allocation);
        sequencer.unplaced().forEach(this::nameUnplaced);
        List<Drop> drops = drops(sequencer);
        return new PaceFigures(brief, ledger).plan(drops, sides(allocation, drops), remainders, beaten);
    }

    private Demand demand(Portion portion) {
        Guest guest = brief.guest(portion.guest()).orElseThrow();
        Figure pieces = portion.pieces();
        return new Demand(
                guest,
                catalogue.cut(portion.cut()),
                pieces == null ? 0 : (int) Math.round(pieces.value()),
                portion.served().value());
    }

    private void nameUnreached(List<Demand> demands, SideAllocator.Allocation allocation) {
        for (Demand demand : demands) {
            if (allocation.reach(demand.guest(), demand.cut()) == 0) {
                boolean noSide = brief.sides().stream().noneMatch(side -> allocation.mayEatFrom(demand.guest(), side));
                TablePlan.Cause cause = noSide ? TablePlan.Cause.NO_SIDE : TablePlan.Cause.NO_SIDE_FOR_CUT;
                String reason = noSide
                        ? "no side is open to " + demand.guest().name()
                        : "the sides open to " + demand.guest().name() + " are kept clean of it for others";
                remainders.add(remainder(demand.guest().id(), demand.cut().id(), demand.grams(), cause, reason));
            }
        }
    }

    private void nameUnplaced(Batch batch) {
        batch.servings()
                .forEach(serving -> remainders.add(remainder(
                        serving.guest(),
                        batch.cut().id(),
                        serving.grams(),
                        TablePlan.Cause.NO_ROOM,
                        "no room in " + plans.side(batch.side().id()).brothName() + " within the meal")));
    }

    private TablePlan.Remainder remainder(
            String guest, String cut, double grams, TablePlan.Cause cause, String reason) {
        return new TablePlan.Remainder(guest, cut, grams, text.grams(grams), cause, reason);
    }

    private List<Batch> batches(Portions portions, List<Demand> demands, SideAllocator.Allocation allocation) {
        OrderOfEating order = new OrderOfEating(
                brief.order(),
                catalogue,
                portions.cuts().stream()
                        .map(total -> catalogue.cut(total.cut()))
                        .toList(),
                windows);
        Batcher batcher = new Batcher(plans, windows, order, brief.mealMinutes() * 60, frozen());
        List<Batch> batches = new ArrayList<>();
        new SideAssigner(allocation, plans)
                .assign(demands)
                .forEach((cut, bySide) -> bySide.forEach((side, own) -> batches.addAll(batcher.split(cut, side, own))));
        return batches;
    }

    private Set<String> frozen() {
        return brief.menu().stream()
                .filter(item -> item.fromFrozen() || catalogue.cut(item.cut()).start() == StartState.FROZEN)
                .map(MenuItem::cut)
                .collect(toSet());
    }

    private Sequencer sequence(List<Batch> batches, SideAllocator.Allocation allocation) {
        Sequencer sequencer = new Sequencer(brief.mealMinutes() * 60, plans, brief.guests());
        List<Batch> free = new ArrayList<>();
        for (Batch batch : batches) {
            Optional<DropPin> pin = pinOf(batch);
            if (pin.isPresent()) {
                fix(sequencer, batch, pin.get(), allocation);
            } else {
                free.add(batch);
            }
        }
        sequencer.place(free);
        sequencer.improve();
        return sequencer;
    }

    private Optional<DropPin> pinOf(Batch batch) {
        return brief.decisions().drops().stream()
                .filter(pin -> pin.cut().equals(batch.cut().id())
                        && pin.side().equals(batch.homeSide().id())
                        && pin.batch() == batch.number())
                .findFirst();
    }

    private void fix(Sequencer sequencer, Batch batch, DropPin pin, SideAllocator.Allocation allocation) {
        Optional<Side> wanted = brief.sides().stream()
                .filter(side -> side.id().equals(pin.toSide()))
                .filter(side -> fits(batch, side, allocation))
                .findFirst();
        Batch moved = wanted.map(
                        side -> batch.movedTo(side, windows.of(batch.cut().id(), side.id())))
                .orElse(batch);
        int wish = (int) Math.round(pin.minute() * 60);
        String rule =
                wanted.isEmpty() ? "that side is not open to everybody it is for" : sequencer.obstacle(moved, wish);
        Optional<Integer> time = sequencer.fix(moved, wish);
        int nearest = time.orElse(wish);
        if (wanted.isEmpty() || Math.abs(nearest - wish) >= GRID_SECONDS) {
            beaten.add(new TablePlan.BeatenPin(
                    pin.cut(),
                    pin.side(),
                    pin.batch(),
                    pin.minute(),
                    moved.side().id(),
                    nearest / 60.0,
                    rule == null ? "times stand on a grid of five seconds" : rule));
        }
    }

    private boolean fits(Batch batch, Side side, SideAllocator.Allocation allocation) {
        return allocation.mayHold(batch.cut(), side)
                && batch.servings().stream()
                        .allMatch(serving -> allocation.mayEatFrom(
                                brief.guest(serving.guest()).orElseThrow(), side));
    }

    private List<Drop> drops(Sequencer sequencer) {
        return sequencer.placed().stream()
                .map(placing -> placing.batch.at(placing.putIn, amount(placing.batch), placing.fixed))
                .sorted(Comparator.comparingInt(Drop::putIn).thenComparing(Drop::id))
                .toList();
    }

    private String amount(Batch batch) {
        int pieces = batch.servings().stream().mapToInt(Drop.Serving::pieces).sum();
        return batch.cut().counted() ? KitchenText.pieces(pieces) : text.grams(batch.grams());
    }

    private List<TablePlan.SideUse> sides(SideAllocator.Allocation allocation, List<Drop> drops) {
        Map<String, List<String>> cuts = new LinkedHashMap<>();
        drops.forEach(drop ->
                cuts.computeIfAbsent(drop.side(), s -> new ArrayList<>()).add(drop.cut()));
        return brief.sides().stream()
                .map(side -> new TablePlan.SideUse(
                        side.id(),
                        brief.guests().stream()
                                .filter(Openness::isRestricted)
                                .filter(guest -> allocation.mayEatFrom(guest, side))
                                .map(Guest::id)
                                .toList(),
                        closed(side, allocation),
                        cuts.getOrDefault(side.id(), List.of()).stream()
                                .distinct()
                                .toList()))
                .toList();
    }

    private List<TablePlan.Closed> closed(Side side, SideAllocator.Allocation allocation) {
        return brief.guests().stream()
                .filter(guest -> !allocation.mayEatFrom(guest, side))
                .map(guest -> new TablePlan.Closed(
                        guest.id(), openness.closed(guest, side).orElse("what others cook in it")))
                .toList();
    }
}
