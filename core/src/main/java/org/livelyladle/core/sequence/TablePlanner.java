package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;

/**
 * Sequences the table: who eats from which side, what goes in together, when. Holds the hard rules H1 (nobody is fed
 * from a side that breaks a contact need), H2 (never over the brim), H4 (load and baskets), H6 (every take-out inside
 * its window) and H8 (what is not served is named). What finds no place in its side is tried in every other one open to
 * its eaters.
 */
public final class TablePlanner {
    /** All times of the sequence stand on this grid [s]. */
    static final int GRID_SECONDS = 5;

    /** As the host wrote it; all else is by ids. */
    private final Brief written;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Sides plans;
    private final Windows windows;
    private final SideLimits limits;
    private final Care care;
    private final Minders minders;
    private final KitchenText text;
    private final SideAccess access;
    private final Map<String, Dish> dishes;
    private final SideFitness fitness;
    private final DropWriter writer;
    private final List<TablePlan.BeatenPin> beaten = new ArrayList<>();

    public TablePlanner(
            Brief brief,
            Catalogue catalogue,
            Sides plans,
            Windows windows,
            SideLimits limits,
            Care care,
            KitchenText text) {
        this.written = brief;
        this.brief = brief.inCanonicalOrder();
        this.catalogue = catalogue;
        this.plans = plans;
        this.windows = windows;
        this.limits = limits;
        this.care = care;
        this.minders = new Minders(this.brief);
        this.text = text;
        this.access = new SideAccess(this.brief, catalogue);
        this.dishes = Dish.byCut(this.brief, catalogue);
        this.fitness = new SideFitness(this.brief, catalogue, plans, limits, dishes);
        this.writer = new DropWriter(this.brief, minders, text);
    }

    /** A finished sequence and what decided it. */
    record Arranged(
            Sequencer sequencer,
            SideAllocator.Allocation allocation,
            Batcher batcher,
            OrderOfEating order,
            @Nullable EndingPlan ending,
            List<Demand> demands,
            List<Demand> left) {}

    /** A sequence before anything was pinned: what is pinned later goes from here. Nothing changes it any more. */
    public static final class Unpinned {
        private final Arranged arranged;
        private final Rescue rescue;

        private Unpinned(Arranged arranged, Rescue rescue) {
            this.arranged = arranged;
            this.rescue = rescue;
        }
    }

    /** The table with what the host pinned. */
    public Sequence plan(Portions portions, Unpinned unpinned) {
        Arranged arranged = withPins(unpinned);
        Shortfalls shortfalls = new Shortfalls(brief, fitness, arranged.allocation(), arranged.batcher(), text);
        List<TablePlan.Remainder> remainders = new ArrayList<>();
        arranged.demands().stream()
                .filter(demand -> arranged.allocation().reach(demand.guest(), demand.cut()) == 0)
                .forEach(demand -> remainders.add(shortfalls.unreached(demand)));
        arranged.left().forEach(demand -> remainders.add(shortfalls.unplaced(demand)));
        List<DropWriter.Laid> laid = writer.numbered(arranged.sequencer().placed());
        List<Drop> drops = laid.stream().map(DropWriter.Laid::drop).toList();
        return new Sequence(
                brief.mealMinutes() * 60,
                drops,
                new SideUses(written, access, arranged.allocation()).of(drops),
                remainders,
                beaten,
                arranged.order().courses(),
                beside(portions),
                minders.byPot(),
                care == Care.QUICK ? List.of() : new Reasons(brief, arranged).of(laid),
                arranged.ending(),
                new SoupRounds(brief, catalogue, arranged.allocation(), minders, arranged.ending()).of(drops));
    }

    Arranged arrange(Portions portions) {
        return withPins(unpinned(portions));
    }

    /** The table as if nothing was pinned. */
    public Unpinned unpinned(Portions portions) {
        List<Demand> demands = demands(portions, brief, fitness, dishes);
        SideAllocator.Allocation allocation =
                new SideAllocator(new Promises(brief, plans, demands, access, fitness::canCook)).allocate();
        OrderOfEating order = OrderOfEating.of(brief, catalogue, portions, dishes, windows);
        Batcher batcher = new Batcher(brief, plans, limits, windows, order, -Moments.PRELOAD_SECONDS);
        EndingPlan ending = new EndingPlanner(brief, catalogue, allocation, portions, minders).plan();
        Rescue rescue = new Rescue(brief.sides(), allocation, batcher);
        Sequencer sequencer = sequencer(ending);
        sequencer.place(batches(demands, allocation, batcher, rescue));
        if (care == Care.FULL) {
            sequencer.search(new Rebatcher(brief, batcher, allocation, fitness, order));
            rescue.number(
                    sequencer.placed().stream().map(placing -> placing.batch).toList());
        }
        sequencer.unplaced().forEach(batch -> rescue.take(batch, brief));
        if (!rescue.left().isEmpty()) {
            placeTheRest(rescue, sequencer);
        }
        return new Unpinned(
                new Arranged(sequencer, allocation, batcher, order, ending, demands, rescue.left()), rescue);
    }

    private Arranged withPins(Unpinned unpinned) {
        Arranged before = unpinned.arranged;
        Map<DropPin, List<Batch>> pinned = pinned(before.sequencer());
        nameThePinsOfNothing(pinned.keySet());
        if (pinned.isEmpty()) {
            return before;
        }
        Sequencer sequencer = around(pinned, before.sequencer(), before.allocation(), before.ending());
        Rescue rescue = unpinned.rescue.copy();
        sequencer.unplaced().forEach(batch -> rescue.take(batch, brief));
        placeTheRest(rescue, sequencer);
        return new Arranged(
                sequencer,
                before.allocation(),
                before.batcher(),
                before.order(),
                before.ending(),
                before.demands(),
                rescue.left());
    }

    /** What goes into a pot for everybody. */
    static List<Demand> demands(Portions portions, Brief brief, SideFitness fitness, Map<String, Dish> dishes) {
        return portions.lines().stream()
                .filter(portion -> portion.served().value() > 0)
                .map(portion -> Demand.of(portion, brief, dishes))
                .filter(demand -> !fitness.standsBeside(demand.cut()))
                .sorted(Comparator.comparing((Demand demand) -> demand.cut().id())
                        .thenComparing(demand -> demand.guest().id()))
                .toList();
    }

    private List<TablePlan.Beside> beside(Portions portions) {
        return portions.lines().stream()
                .filter(portion -> portion.served().value() > 0 && fitness.standsBeside(catalogue.cut(portion.cut())))
                .map(portion -> new TablePlan.Beside(
                        portion.guest(),
                        portion.cut(),
                        portion.served().value(),
                        portion.served().text()))
                .toList();
    }

    private List<Batch> batches(
            List<Demand> demands, SideAllocator.Allocation allocation, Batcher batcher, Rescue rescue) {
        List<Batch> batches = new ArrayList<>();
        Map<Dish, Map<Side, List<Demand>>> assigned = new SideAssigner(allocation, plans).assign(demands);
        batcher.countRounds(assigned);
        assigned.forEach((dish, bySide) -> bySide.forEach((side, own) -> {
            batches.addAll(rescue.number(batcher.split(dish, side, own)));
            own.stream().filter(demand -> !batcher.canMeet(dish, side, demand)).forEach(rescue::take);
        }));
        return batches;
    }

    private void placeTheRest(Rescue rescue, Sequencer sequencer) {
        rescue.place(sequencer);
        if (care == Care.FULL) {
            sequencer.improve();
        }
        rescue.place(sequencer);
    }

    /** What the host pinned, as far as there is such a drop. */
    private Map<DropPin, List<Batch>> pinned(Sequencer unpinned) {
        Map<DropPin, List<Batch>> pinned = new LinkedHashMap<>();
        unpinned.placed()
                .forEach(placing -> pinOf(placing.batch)
                        .ifPresent(pin -> pinned.computeIfAbsent(pin, p -> new ArrayList<>())
                                .add(placing.batch)));
        return pinned;
    }

    /** What the host pins goes where it is to go; all else stays where it would be without, as far as it can. */
    private Sequencer around(
            Map<DropPin, List<Batch>> pinned,
            Sequencer unpinned,
            SideAllocator.Allocation allocation,
            @Nullable EndingPlan ending) {
        Sequencer sequencer = sequencer(ending);
        pinned.forEach((pin, own) -> fix(sequencer, own, pin, allocation));
        unpinned.placed().stream()
                .filter(placing -> pinOf(placing.batch).isEmpty())
                .sorted(Placing.IN_TIME)
                .forEach(sequencer::stay);
        return sequencer;
    }

    private Sequencer sequencer(@Nullable EndingPlan ending) {
        return new Sequencer(new Board(brief, plans, limits, minders, ending, -Moments.PRELOAD_SECONDS));
    }

    private Optional<DropPin> pinOf(Batch batch) {
        return brief.decisions().drops().stream()
                .filter(pin -> pin.cut().equals(batch.cut().id())
                        && pin.side().equals(batch.homeSide().id())
                        && pin.batch() == batch.number())
                .findFirst();
    }

    /** All that is pinned goes to one side; the pin is beaten when nothing of it goes in when it should. */
    private void fix(Sequencer sequencer, List<Batch> own, DropPin pin, SideAllocator.Allocation allocation) {
        Optional<Side> wanted = brief.sides().stream()
                .filter(side -> side.id().equals(pin.toSide()))
                .filter(side -> own.stream().allMatch(batch -> fits(batch, side, allocation)))
                .findFirst();
        int wish = (int) Math.round(pin.minute() * 60);
        Violation violation = wanted.isEmpty()
                ? Violation.of("H1", pin.toSide(), "that side is not open to everybody it is for")
                : null;
        int nearest = Integer.MAX_VALUE;
        Side side = wanted.orElse(own.get(0).side());
        for (Batch batch : own) {
            Batch moved = batch.movedTo(side, windows.of(batch.cut(), side.id()));
            Constraint.Breach breach = sequencer.breach(moved, wish);
            violation = violation == null && breach != null ? breach.at(wish) : violation;
            int time = sequencer.fix(moved, wish).orElse(wish);
            nearest = Math.abs(time - wish) < Math.abs((long) nearest - wish) ? time : nearest;
        }
        if (wanted.isEmpty() || Math.abs(nearest - wish) >= GRID_SECONDS) {
            String reason = violation == null ? "times stand on a grid of five seconds" : violation.text();
            beaten.add(new TablePlan.BeatenPin(
                    pin.cut(), pin.side(), pin.batch(), pin.minute(), side.id(), nearest / 60.0, reason, violation));
        }
    }

    /** What it was meant for goes in otherwise now, or not at all. */
    private void nameThePinsOfNothing(Set<DropPin> heeded) {
        brief.decisions().drops().stream()
                .filter(pin -> !heeded.contains(pin))
                .map(pin -> new TablePlan.BeatenPin(
                        pin.cut(),
                        pin.side(),
                        pin.batch(),
                        pin.minute(),
                        null,
                        null,
                        "there is no such drop any more",
                        null))
                .forEach(beaten::add);
    }

    private boolean fits(Batch batch, Side side, SideAllocator.Allocation allocation) {
        return allocation.mayHold(batch.cut(), side)
                && batch.servings().stream()
                        .allMatch(serving -> allocation.mayEatFrom(
                                brief.guest(serving.guest()).orElseThrow(), side));
    }
}
