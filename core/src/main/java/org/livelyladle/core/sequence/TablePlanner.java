package org.livelyladle.core.sequence;

import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Decisions.DropPin;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.broths.SidePlan;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/**
 * Sequences the table: who eats from which side, what goes in together, when. Holds the hard rules H1 (nobody is fed
 * from a side that breaks a contact need), H2 (never over the brim), H4 (load and baskets), H6 (every take-out inside
 * its window) and H8 (what is not served is named). What finds no place in its side is tried in every other one open to
 * its eaters, before and after the waits are shortened.
 */
public final class TablePlanner {
    /** All times of the sequence stand on this grid [s]. */
    static final int GRID_SECONDS = 5;

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
    private final List<TablePlan.BeatenPin> beaten = new ArrayList<>();

    public TablePlanner(
            Brief brief,
            Catalogue catalogue,
            Sides plans,
            Windows windows,
            SideLimits limits,
            Care care,
            KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.plans = plans;
        this.windows = windows;
        this.limits = limits;
        this.care = care;
        this.minders = new Minders(brief);
        this.text = text;
        this.access = new SideAccess(brief, catalogue);
        this.dishes = Dish.byCut(brief, catalogue);
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

    public Sequence plan(Portions portions) {
        Arranged arranged = arrange(portions);
        List<TablePlan.Remainder> remainders = new ArrayList<>();
        arranged.demands().stream()
                .filter(demand -> arranged.allocation().reach(demand.guest(), demand.cut()) == 0)
                .forEach(demand -> remainders.add(unreached(demand, arranged.allocation())));
        arranged.left().forEach(demand -> remainders.add(unplaced(demand, arranged)));
        List<Laid> laid = laid(arranged.sequencer());
        List<Drop> drops = laid.stream().map(Laid::drop).toList();
        return new Sequence(
                brief.mealMinutes() * 60,
                drops,
                sides(arranged.allocation(), drops),
                remainders,
                beaten,
                arranged.order().courses(),
                beside(portions),
                minders.byPot(),
                care == Care.FULL ? new Reasons(brief, arranged).of(laid) : List.of(),
                arranged.ending());
    }

    /** A drop and the batches it is made of. */
    record Laid(Drop drop, List<Placing> parts) {}

    Arranged arrange(Portions portions) {
        List<Demand> demands = portions.lines().stream()
                .filter(portion -> portion.served().value() > 0 && !standsBeside(portion))
                .map(this::demand)
                .toList();
        SideAllocator.Allocation allocation =
                new SideAllocator(brief, plans, demands, access, this::canCook).allocate();
        OrderOfEating order = new OrderOfEating(
                brief,
                catalogue,
                portions.cuts().stream().map(total -> dishes.get(total.cut())).toList(),
                portions.cuts().stream()
                        .collect(toMap(CutTotal::cut, total -> total.grams().value())),
                windows);
        Batcher batcher = new Batcher(brief, plans, limits, windows, order);
        EndingPlan ending = new EndingPlanner(brief, catalogue, allocation, portions, minders).plan();
        Rescue rescue = new Rescue(brief.sides(), allocation, batcher);
        Sequencer sequencer = sequence(batches(demands, allocation, batcher, rescue), allocation, ending);
        sequencer.unplaced().forEach(batch -> rescue.take(batch, brief));
        if (!rescue.left().isEmpty()) {
            rescue.place(sequencer);
            improve(sequencer);
            rescue.place(sequencer);
        }
        return new Arranged(sequencer, allocation, batcher, order, ending, demands, rescue.left());
    }

    private boolean standsBeside(Portion portion) {
        Cut cut = catalogue.cut(portion.cut());
        return brief.standsBeside(kindOf(cut), cut.shape());
    }

    private Category kindOf(Cut cut) {
        return catalogue.ingredientOf(cut).category();
    }

    private List<TablePlan.Beside> beside(Portions portions) {
        return portions.lines().stream()
                .filter(portion -> portion.served().value() > 0 && standsBeside(portion))
                .map(portion -> new TablePlan.Beside(
                        portion.guest(),
                        portion.cut(),
                        portion.served().value(),
                        portion.served().text()))
                .toList();
    }

    private Demand demand(Portion portion) {
        Guest guest = brief.guest(portion.guest()).orElseThrow();
        Figure pieces = portion.pieces();
        return new Demand(
                guest,
                dishes.get(portion.cut()),
                pieces == null ? 0 : (int) Math.round(pieces.value()),
                portion.served().value());
    }

    /** A side stays hot enough for the cut, and takes at least a piece of it at once. */
    private boolean canCook(Cut cut, Side side) {
        return isLetInto(cut, side) && staysHotFor(cut, side) && takesAPiece(cut, side);
    }

    /** The host lets it in, and it is no pot for other things. */
    private boolean isLetInto(Cut cut, Side side) {
        boolean other = brief.potOf(side.id()).wayOrUsual() == WayOfEating.DIP_AND_WRAP
                && !kindOf(cut).isDippedToWrap();
        return !other && dishes.get(cut.id()).item().mayGoInto(side.id());
    }

    private boolean staysHotFor(Cut cut, Side side) {
        return cut.rawRisk() == RawRisk.NONE || limits.takesRaw(side.id());
    }

    private boolean takesAPiece(Cut cut, Side side) {
        double grams = (cut.pieceGrams() == null ? Batcher.SMALLEST_HELPING_G : cut.pieceGrams()) * cut.swell();
        double cold = grams * (dishes.get(cut.id()).startsFrozen() ? Placing.FROZEN_COUNTS : 1);
        SidePlan plan = plans.side(side.id());
        return Batch.volumeMl(cut, grams) <= plan.room().value()
                && cold
                        <= new ColdLoad(
                                        limits.share(side.id())
                                                * plan.dropLimit().value(),
                                        0)
                                .limitG();
    }

    private TablePlan.Remainder unreached(Demand demand, SideAllocator.Allocation allocation) {
        String who = demand.guest().name();
        List<Side> open = brief.sides().stream()
                .filter(side -> allocation.mayEatFrom(demand.guest(), side))
                .toList();
        if (open.isEmpty()) {
            return remainder(demand, TablePlan.Cause.NO_SIDE, "no side is open to " + who);
        }
        if (brief.pots().stream().allMatch(pot -> pot.wayOrUsual() == WayOfEating.DIP_AND_WRAP)
                && !kindOf(demand.cut()).isDippedToWrap()) {
            return remainder(
                    demand, TablePlan.Cause.NO_SIDE_FOR_CUT, "nothing but what is dipped goes into these pots");
        }
        if (open.stream().noneMatch(side -> isLetInto(demand.cut(), side))) {
            return remainder(
                    demand, TablePlan.Cause.NO_SIDE_FOR_CUT, "the sides it may go into are not open to " + who);
        }
        if (open.stream().noneMatch(side -> staysHotFor(demand.cut(), side))) {
            return remainder(demand, TablePlan.Cause.TOO_COOL, "no side open to " + who + " stays hot enough");
        }
        if (open.stream().noneMatch(side -> canCook(demand.cut(), side))) {
            return remainder(demand, TablePlan.Cause.TOO_SMALL, "no side open to " + who + " takes a piece of it");
        }
        return remainder(
                demand,
                TablePlan.Cause.NO_SIDE_FOR_CUT,
                "the sides open to " + who + " are kept clean of it for others");
    }

    private TablePlan.Remainder unplaced(Demand demand, Arranged arranged) {
        SideAllocator.Allocation allocation = arranged.allocation();
        boolean meets = brief.sides().stream()
                .filter(side -> allocation.mayHold(demand.cut(), side) && allocation.mayEatFrom(demand.guest(), side))
                .anyMatch(side -> arranged.batcher().canMeet(demand.dish(), side, demand));
        return meets
                ? remainder(demand, TablePlan.Cause.NO_ROOM, "no room in the pots within the meal")
                : remainder(
                        demand,
                        TablePlan.Cause.ABSENT,
                        demand.guest().name() + " is not at the table long enough for it");
    }

    private TablePlan.Remainder remainder(Demand demand, TablePlan.Cause cause, String reason) {
        return new TablePlan.Remainder(
                demand.guest().id(), demand.cut().id(), demand.grams(), text.grams(demand.grams()), cause, reason);
    }

    private List<Batch> batches(
            List<Demand> demands, SideAllocator.Allocation allocation, Batcher batcher, Rescue rescue) {
        List<Batch> batches = new ArrayList<>();
        new SideAssigner(allocation, plans)
                .assign(demands)
                .forEach((dish, bySide) -> bySide.forEach((side, own) -> {
                    batches.addAll(rescue.number(batcher.split(dish, side, own)));
                    own.stream()
                            .filter(demand -> !batcher.canMeet(dish, side, demand))
                            .forEach(rescue::take);
                }));
        return batches;
    }

    private Sequencer sequence(List<Batch> batches, SideAllocator.Allocation allocation, @Nullable EndingPlan ending) {
        Sequencer sequencer = new Sequencer(new Board(brief, plans, limits, minders, ending));
        List<Batch> free = new ArrayList<>();
        Map<DropPin, List<Batch>> pinned = new LinkedHashMap<>();
        for (Batch batch : batches) {
            pinOf(batch)
                    .ifPresentOrElse(
                            pin -> pinned.computeIfAbsent(pin, p -> new ArrayList<>())
                                    .add(batch),
                            () -> free.add(batch));
        }
        pinned.forEach((pin, own) -> fix(sequencer, own, pin, allocation));
        sequencer.place(free);
        improve(sequencer);
        return sequencer;
    }

    private void improve(Sequencer sequencer) {
        if (care == Care.FULL) {
            sequencer.improve();
        }
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
        String rule = wanted.isEmpty() ? "that side is not open to everybody it is for" : null;
        int nearest = Integer.MAX_VALUE;
        Side side = wanted.orElse(own.get(0).side());
        for (Batch batch : own) {
            Batch moved = batch.movedTo(side, windows.of(batch.cut().id(), side.id()));
            rule = rule == null ? sequencer.obstacle(moved, wish) : rule;
            int time = sequencer.fix(moved, wish).orElse(wish);
            nearest = Math.abs(time - wish) < Math.abs((long) nearest - wish) ? time : nearest;
        }
        if (wanted.isEmpty() || Math.abs(nearest - wish) >= GRID_SECONDS) {
            beaten.add(new TablePlan.BeatenPin(
                    pin.cut(),
                    pin.side(),
                    pin.batch(),
                    pin.minute(),
                    side.id(),
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

    private List<Laid> laid(Sequencer sequencer) {
        Map<String, List<Placing>> together = new LinkedHashMap<>();
        Map<Placing, Integer> numbers = inOrderOfTime(sequencer.placed());
        sequencer
                .placed()
                .forEach(placing -> together.computeIfAbsent(id(placing, numbers.get(placing)), id -> new ArrayList<>())
                        .add(placing));
        return together.values().stream()
                .map(parts -> new Laid(drop(parts, numbers.get(parts.get(0))), parts))
                .sorted(Comparator.comparingInt((Laid laid) -> laid.drop().putIn())
                        .thenComparing(laid -> laid.drop().id()))
                .toList();
    }

    /** A guest's turns at a cut in a side are numbered as they come, but for those the host pinned. */
    private static Map<Placing, Integer> inOrderOfTime(List<Placing> placed) {
        Map<Placing, Integer> numbers = new IdentityHashMap<>();
        Map<String, List<Placing>> turns = new LinkedHashMap<>();
        for (Placing placing : placed) {
            numbers.put(placing, placing.batch.number());
            if (!placing.shared && !placing.fixed) {
                String whose = placing.batch.cut().id() + "@"
                        + placing.batch.homeSide().id() + " "
                        + placing.batch.servings().get(0).guest();
                turns.computeIfAbsent(whose, key -> new ArrayList<>()).add(placing);
            }
        }
        for (List<Placing> own : turns.values()) {
            List<Integer> free = own.stream().map(numbers::get).sorted().toList();
            own.sort(Comparator.comparingInt(turn -> turn.putIn));
            for (int i = 0; i < own.size(); i++) {
                numbers.put(own.get(i), free.get(i));
            }
        }
        return numbers;
    }

    /** What an adult holds for a child is a drop of its own. */
    private String id(Placing placing, int number) {
        Batch batch = placing.batch;
        String id = "drop." + batch.cut().id() + "@" + batch.homeSide().id() + "." + number;
        String eater = batch.servings().get(0).guest();
        return !batch.dish().shared() && minderOf(batch) != null ? id + "." + eater : id;
    }

    @Nullable
    private String minderOf(Batch batch) {
        return minders.of(batch, brief.potOf(batch.side().id()));
    }

    private Drop drop(List<Placing> parts, int number) {
        Batch batch = parts.get(0).batch;
        List<Stay> stays = parts.stream()
                .flatMap(placing -> placing.batch.stays(placing.putIn).stream())
                .sorted(Comparator.comparingInt(Stay::putIn)
                        .thenComparing(Stay::takeOut)
                        .thenComparing(stay -> stay.servings().get(0).guest()))
                .toList();
        return new Drop(
                id(parts.get(0), number),
                batch.cut().id(),
                batch.name(),
                batch.side().id(),
                batch.homeSide().id(),
                number,
                batch.dish().tending(),
                minderOf(batch),
                amount(batch.cut(), stays),
                parts.stream().anyMatch(placing -> placing.fixed),
                stays);
    }

    private String amount(Cut cut, List<Stay> stays) {
        if (cut.counted()) {
            return KitchenText.pieces(stays.stream()
                    .flatMap(stay -> stay.servings().stream())
                    .mapToInt(Stay.Serving::pieces)
                    .sum());
        }
        return text.grams(stays.stream().mapToDouble(Stay::grams).sum());
    }

    private List<TablePlan.SideUse> sides(SideAllocator.Allocation allocation, List<Drop> drops) {
        Map<String, List<String>> cuts = new LinkedHashMap<>();
        drops.forEach(drop ->
                cuts.computeIfAbsent(drop.side(), s -> new ArrayList<>()).add(drop.cut()));
        return brief.sides().stream()
                .map(side -> new TablePlan.SideUse(
                        side.id(),
                        brief.guests().stream()
                                .filter(TablePlanner::wantsItClean)
                                .filter(guest -> allocation.mayEatFrom(guest, side))
                                .map(Guest::id)
                                .toList(),
                        closed(side, allocation),
                        cuts.getOrDefault(side.id(), List.of()).stream()
                                .distinct()
                                .toList()))
                .toList();
    }

    private static boolean wantsItClean(Guest guest) {
        return guest.needs().stream()
                .anyMatch(need -> need.strength() != Strength.DISLIKE && need.kind() != NeedKind.LOW_SALT);
    }

    private List<SideAccess.Closed> closed(Side side, SideAllocator.Allocation allocation) {
        return brief.guests().stream()
                .filter(guest -> !allocation.mayEatFrom(guest, side))
                .map(guest -> access.closed(guest, side).orElseGet(() -> SideAccess.Closed.byOthersFood(guest)))
                .toList();
    }
}
