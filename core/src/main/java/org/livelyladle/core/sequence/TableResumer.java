package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/**
 * Goes on from a later moment. What went in stays as it happened, and is eaten by those who still may; all else keeps its
 * side, its company and its time unless a hard rule or somebody's wait moves it, the less willingly the sooner it comes.
 * What has lost its place is tried in every other side open to its eaters.
 */
public final class TableResumer {
    /** What comes so soon moves only when it must [s]. */
    private static final int SOON_SECONDS = 120;
    /** What comes later than this may move as if it had no time yet [s]. */
    private static final int LATER_SECONDS = 600;
    /** What counts in between; memory. */
    private static final double RELUCTANT = 4;
    /** A drop that moves less than this has not moved [s]. */
    private static final int UNMOVED_SECONDS = 30;

    /** Causes that are found anew at each moment. */
    private static final Set<TablePlan.Cause> FOLLOWS_FROM_THE_STATE = EnumSet.of(
            TablePlan.Cause.NO_MORE,
            TablePlan.Cause.DECLINED,
            TablePlan.Cause.NEED,
            TablePlan.Cause.IN_THE_POT,
            TablePlan.Cause.GONE,
            TablePlan.Cause.EATEN_BY_OTHERS,
            TablePlan.Cause.USED_UP,
            TablePlan.Cause.ABSENT);

    private static final double NEGLIGIBLE_G = 1e-6;
    /** Less is within what one cannot weigh at a table [g]. */
    private static final double LEAST_G = 0.1;

    private static final double MINUTE = 60;

    /** As the host wrote it; all else is by ids. */
    private final Brief written;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Sides plans;
    private final Windows windows;
    private final SideLimits limits;
    private final KitchenText text;
    private final TableState state;
    private final Minders minders;
    private final Eaters eaters;
    private final SideAccess access;
    private final Map<String, Dish> dishes;
    private final SideFitness fitness;
    private final DropWriter writer;
    private final List<Drop> begun;
    /** Before this nothing more goes in [s from sitting down]. */
    private final int from;

    /** What is still to come is so much later than in the sequence it goes on from [s]. */
    private int shift;

    private final List<TablePlan.Remainder> remainders = new ArrayList<>();
    private final Helpings gone = new Helpings();
    /** Where each batch would be if nothing had happened, and the rule that is in the way of it there. */
    private final Map<Batch, Before> before = new IdentityHashMap<>();

    private record Before(int putIn, Constraint.@Nullable Breach breach) {}

    /** @param brief as it turned out */
    public TableResumer(
            Brief brief,
            Catalogue catalogue,
            Sides plans,
            Windows windows,
            SideLimits limits,
            KitchenText text,
            TableState state) {
        this.written = brief;
        this.brief = brief.inCanonicalOrder();
        this.catalogue = catalogue;
        this.plans = plans;
        this.windows = windows;
        this.limits = limits;
        this.text = text;
        this.state = state;
        this.minders = new Minders(this.brief, state.at());
        this.eaters = new Eaters(this.brief, catalogue, state);
        this.access = eaters.access();
        this.dishes = Dish.byCut(this.brief, catalogue);
        this.fitness = new SideFitness(this.brief, catalogue, plans, limits, dishes);
        this.writer = new DropWriter(this.brief, minders, text);
        this.from = Math.max(-Moments.PRELOAD_SECONDS, Batch.roundUp(state.at() + 1.0));
        state.gone().forEach(one -> gone.add(one.cut(), new Stay.Serving(one.guest(), one.grams(), one.pieces())));
        this.begun = eaters.begun().stream()
                .map(drop -> drop.mindedBy(minderOf(drop)))
                .toList();
    }

    /** Whoever minded it may have left. */
    private @Nullable String minderOf(Drop drop) {
        if (drop.shared()) {
            return minders.byPot().get(brief.potOf(drop.side()).id());
        }
        return drop.minder() == null
                ? null
                : drop.servings()
                        .map(serving -> minders.holder(serving.guest()))
                        .findFirst()
                        .orElse(drop.minder());
    }

    private Side side(String id) {
        return brief.sides().stream()
                .filter(side -> side.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /**
     * @param base the sequence it goes on from: as if nothing had happened, or as it was to go on last
     * @param basePaused pauses that this sequence knew of [s]
     * @param care whether better moments are looked for
     */
    public Sequence resume(Portions portions, Sequence base, int basePaused, Care care) {
        this.shift = state.pausedSeconds() - basePaused;
        StillOpen open = open(portions, base);
        SideAllocator.Allocation allocation = new SideAllocator(
                        new Promises(brief, plans, open.all(), access, fitness::canCook))
                .allocateAsBefore((guest, side) -> base.sidesOpenTo(guest.id()).contains(side.id()));
        Batcher batcher = new Batcher(
                brief, plans, limits, windows, OrderOfEating.of(brief, catalogue, portions, dishes, windows), from);
        Shortfalls shortfalls = new Shortfalls(brief, fitness, allocation, batcher, text);
        Rescue rescue = new Rescue(brief.sides(), allocation, batcher);
        EndingPlan ending = ending(base, allocation, portions);
        Sequencer sequencer = new Sequencer(new Board(brief, plans, limits, minders, ending, from));
        begun.forEach(drop -> lay(drop, sequencer, rescue));
        int happened = sequencer.placed().size();
        keep(stillToCome(base, open, allocation, batcher, rescue), sequencer, rescue);
        for (Demand demand : open.all()) {
            if (allocation.reach(demand.guest(), demand.cut()) == 0) {
                remainders.add(shortfalls.unreached(demand));
            } else {
                rescue.take(demand);
            }
        }
        rescue.place(sequencer);
        if (care == Care.FULL) {
            sequencer.improve();
            rescue.place(sequencer);
        }
        rescue.left().forEach(demand -> remainders.add(shortfalls.unplaced(demand)));
        List<DropWriter.Laid> laid = writer.laid(
                sequencer.placed().subList(happened, sequencer.placed().size()));
        List<Drop> drops = withBegun(laid);
        return new Sequence(
                brief.mealMinutes() * 60,
                drops,
                new SideUses(written, access, allocation).of(drops),
                remainders,
                base.beatenPins(),
                base.courses(),
                base.beside(),
                minders.byPot(),
                laid.stream().map(this::reason).toList(),
                ending,
                new SoupRounds(brief, catalogue, allocation, minders, ending)
                        .of(drops).stream()
                                .filter(round -> round.at() > state.at())
                                .toList());
    }

    /**
     * What everybody is to get, less what went in for them. Who wants no more, what is used up or skipped, and what was
     * never to be cooked, is named.
     */
    private StillOpen open(Portions portions, Sequence base) {
        StillOpen open = new StillOpen();
        List<Demand> demands = TablePlanner.demands(portions, brief, fitness, dishes);
        for (Demand demand : demands) {
            Demand missing = StillOpen.less(demand, eaten(demand));
            Demand still = name(missing, gone.of(missing), TablePlan.Cause.GONE, "is not there any more");
            Demand left = name(
                    still,
                    eaters.missedBy(still),
                    TablePlan.Cause.IN_THE_POT,
                    "is in the pot, for whoever may and likes to");
            if (left.grams() <= NEGLIGIBLE_G) {
                continue;
            }
            if (state.usedUp().contains(left.cut().id())) {
                open.add(left);
            } else if (state.wantsNoMore(left.guest().id())) {
                remainders.add(
                        remainder(left, TablePlan.Cause.NO_MORE, left.guest().name() + " eats no more"));
            } else if (state.declines(left.guest(), left.cut())) {
                remainders.add(
                        remainder(left, TablePlan.Cause.DECLINED, left.guest().name() + " wants none of it"));
            } else if (!against(left).isEmpty()) {
                remainders.add(remainder(
                        left, TablePlan.Cause.NEED, Needs.labels(against(left), Content.of(left.cut(), catalogue))));
            } else {
                open.add(left);
                base.remainders().stream()
                        .filter(rest -> !FOLLOWS_FROM_THE_STATE.contains(rest.cause()))
                        .filter(rest -> rest.guest().equals(left.guest().id())
                                && rest.cut().equals(left.cut().id()))
                        .forEach(rest -> nameAgain(rest, left, open));
            }
        }
        Map<String, Drop> started = started();
        base.drops().stream()
                .filter(drop -> state.skipped().contains(drop.id()))
                .flatMap(drop -> notBegun(drop, started.get(drop.id())).stream()
                        .flatMap(stays -> servings(stays).stream())
                        .flatMap(serving -> open.take(drop.cut(), serving).stream()))
                .forEach(part -> remainders.add(remainder(part, TablePlan.Cause.SKIPPED, "not cooked after all")));
        new SecondHelpings(brief, catalogue, dishes, state).grant(remainders, demands, this::eaten, open);
        keepToWhatThereIs(demands, open);
        // what others had is not used up besides
        state.usedUp()
                .forEach(cut -> open.takeAll(cut)
                        .forEach(part ->
                                remainders.add(remainder(part, TablePlan.Cause.USED_UP, "there is none left"))));
        return open;
    }

    /** Needs, said during the meal, of which the portions do not know. */
    private List<Need> against(Demand demand) {
        return Needs.brokenByEating(demand.guest(), Content.of(demand.cut(), catalogue));
    }

    /** Names a part of what is missing, and tells what is left. */
    private Demand name(Demand missing, Optional<Stay.Serving> part, TablePlan.Cause cause, String reason) {
        if (part.isEmpty() || missing.grams() <= NEGLIGIBLE_G) {
            return missing;
        }
        Demand named = new Demand(
                missing.guest(),
                missing.dish(),
                Math.min(missing.pieces(), part.get().pieces()),
                Math.min(missing.grams(), part.get().grams()));
        remainders.add(remainder(named, cause, reason));
        return StillOpen.less(missing, named);
    }

    /** Who was full and is hungry again finds that others had some of it. */
    private void keepToWhatThereIs(List<Demand> demands, StillOpen open) {
        Map<String, Double> over = new TreeMap<>();
        begun.forEach(drop -> drop.servings().forEach(serving -> over.merge(drop.cut(), serving.grams(), Double::sum)));
        remainders.stream()
                .filter(rest -> !rest.cause().leavesItToOthers())
                .forEach(rest -> over.merge(rest.cut(), rest.grams(), Double::sum));
        open.all().forEach(demand -> over.merge(demand.cut().id(), demand.grams(), Double::sum));
        demands.forEach(demand -> over.merge(demand.cut().id(), -demand.grams(), Double::sum));
        over.replaceAll((cut, grams) -> grams - brief.item(cut).heldBackGrams());
        over.forEach((cut, grams) -> {
            if (grams > LEAST_G) {
                open.takeBack(cut, grams)
                        .forEach(part ->
                                remainders.add(remainder(part, TablePlan.Cause.EATEN_BY_OTHERS, "others had it")));
            }
        });
    }

    private void nameAgain(TablePlan.Remainder rest, Demand of, StillOpen open) {
        open.take(rest.cut(), serving(rest, of))
                .ifPresent(part -> remainders.add(remainder(part, rest.cause(), rest.reason())));
    }

    private Map<String, Drop> started() {
        Map<String, Drop> started = new HashMap<>();
        state.begun().forEach(drop -> started.put(drop.id(), drop));
        return started;
    }

    private static Stay.Serving serving(TablePlan.Remainder rest, Demand of) {
        int pieces = (int) Math.round(rest.grams() / of.grams() * of.pieces());
        return new Stay.Serving(rest.guest(), rest.grams(), pieces);
    }

    /** What went in of it for its guest. */
    private List<Stay.Serving> eaten(Demand demand) {
        return begun.stream()
                .filter(drop -> drop.cut().equals(demand.cut().id()))
                .flatMap(Drop::servings)
                .filter(serving -> serving.guest().equals(demand.guest().id()))
                .toList();
    }

    private TablePlan.Remainder remainder(Demand demand, TablePlan.Cause cause, String reason) {
        return new TablePlan.Remainder(
                demand.guest().id(), demand.cut().id(), demand.grams(), text.grams(demand.grams()), cause, reason);
    }

    /** An ending that has begun goes on, for those who still may. */
    private @Nullable EndingPlan ending(Sequence base, SideAllocator.Allocation allocation, Portions portions) {
        EndingPlan planned = base.ending();
        if (planned == null || planned.from() > state.at()) {
            return new EndingPlanner(brief, catalogue, allocation, portions, minders).plan();
        }
        return EndingPlanner.goingOn(planned, side(planned.side()), brief, catalogue, access);
    }

    private Dish dish(Drop drop) {
        return dishes.get(drop.cut()).in(brief.potOf(drop.side()).wayOrUsual()).tended(drop.tending());
    }

    /** What went in at one time is one thing in the broth; of what is dipped, or in one's own basket, one each. */
    private void lay(Drop drop, Sequencer sequencer, Rescue rescue) {
        Side side = side(drop.side());
        Dish dish = dish(drop);
        Map<String, List<Stay>> together = new LinkedHashMap<>();
        drop.inBroth()
                .forEach(stay -> together.computeIfAbsent(
                                stay.putIn() + (drop.shared() ? "" : " " + stay.servings()), key -> new ArrayList<>())
                        .add(stay));
        together.values().forEach(stays -> {
            Batch batch = new Batch(
                    dish,
                    drop.name(),
                    side,
                    side(drop.homeSide()),
                    drop.batch(),
                    servings(stays),
                    windows.of(dish.cut(), drop.side()),
                    OrderOfEating.Place.AT_THE_START,
                    0,
                    brief.mealMinutes() * 60);
            rescue.number(List.of(batch));
            sequencer.begun(batch, stays);
        });
    }

    private static List<Stay.Serving> servings(List<Stay> stays) {
        Map<String, Stay.Serving> byGuest = new LinkedHashMap<>();
        stays.stream()
                .flatMap(stay -> stay.servings().stream())
                .forEach(serving -> byGuest.merge(serving.guest(), serving, Stay.Serving::and));
        return List.copyOf(byGuest.values());
    }

    /**
     * A batch that keeps its put-in time where it can [s from sitting down].
     *
     * @param linger longer in the broth than it must be [s]
     */
    private record Kept(Batch batch, int putIn, int linger, boolean pinned) {
        private static final Comparator<Kept> IN_ORDER = Comparator.comparing((Kept kept) -> !kept.pinned())
                .thenComparing(Kept::putIn)
                .thenComparing(kept -> kept.batch().cut().id())
                .thenComparing(kept -> kept.batch().homeSide().id())
                .thenComparing(kept -> kept.batch().number())
                .thenComparing(kept -> kept.batch().servings().get(0).guest());
    }

    private List<Kept> stillToCome(
            Sequence base, StillOpen open, SideAllocator.Allocation allocation, Batcher batcher, Rescue rescue) {
        Map<String, Drop> started = started();
        List<Kept> all = new ArrayList<>();
        List<Drop> wanted = base.drops().stream()
                .filter(drop -> !state.skipped().contains(drop.id()))
                .toList();
        for (Drop drop : wanted) {
            for (List<Stay> stays : notBegun(drop, started.get(drop.id()))) {
                kept(drop, stays, open, allocation, batcher, rescue).ifPresent(all::add);
            }
        }
        all.sort(Kept.IN_ORDER);
        return all;
    }

    /** What goes in at one time, or one after another for one guest. */
    private static List<List<Stay>> notBegun(Drop drop, @Nullable Drop started) {
        Map<String, List<Stay>> together = new TreeMap<>();
        for (Stay stay : drop.inBroth()) {
            String whose = drop.shared() ? "" : stay.servings().get(0).guest();
            together.computeIfAbsent(whose, key -> new ArrayList<>()).add(stay);
        }
        if (started == null) {
            return List.copyOf(together.values());
        }
        if (drop.shared()) {
            return List.of();
        }
        List<List<Stay>> rest = new ArrayList<>();
        together.forEach((guest, stays) -> {
            long begun = started.inBroth().stream()
                    .filter(stay -> stay.gramsOf(guest) > 0)
                    .count();
            List<Stay> left = stays.stream().skip(begun).toList();
            if (!left.isEmpty()) {
                rest.add(left);
            }
        });
        return rest;
    }

    /** Those of its eaters who still may, and want to, eat it from there. */
    private Optional<Kept> kept(
            Drop drop,
            List<Stay> stays,
            StillOpen open,
            SideAllocator.Allocation allocation,
            Batcher batcher,
            Rescue rescue) {
        Side side = side(drop.side());
        Dish dish = dish(drop);
        if (open.isDealt(drop.cut()) || !allocation.mayHold(dish.cut(), side)) {
            return Optional.empty();
        }
        List<Demand> eaters = servings(stays).stream()
                .filter(serving ->
                        allocation.mayEatFrom(brief.guest(serving.guest()).orElseThrow(), side))
                .flatMap(serving -> open.take(drop.cut(), serving).stream())
                .toList();
        if (eaters.isEmpty()) {
            return Optional.empty();
        }
        int putIn = stays.get(0).putIn() + shift;
        Optional<Batch> batch =
                batcher.again(dish, side, side(drop.homeSide()), drop.batch(), place(putIn, dish.inTurns()), eaters);
        if (batch.isEmpty()) {
            eaters.forEach(rescue::take);
        }
        int firstOut = stays.stream().mapToInt(Stay::takeOut).min().orElseThrow() + shift;
        return batch.map(
                again -> new Kept(again, putIn, Math.max(0, firstOut - putIn - again.offset()), drop.pinned()));
    }

    /** @param inTurns nobody tells eaters that a turn of theirs has moved, so it moves only when it must */
    private OrderOfEating.Place place(int putIn, boolean inTurns) {
        boolean soon = putIn < state.at() + (inTurns ? LATER_SECONDS : SOON_SECONDS);
        return new OrderOfEating.Place(0, putIn < state.at() + LATER_SECONDS ? RELUCTANT : 1, soon);
    }

    private void keep(List<Kept> all, Sequencer sequencer, Rescue rescue) {
        rescue.number(all.stream().map(Kept::batch).toList());
        for (Kept kept : all) {
            before.put(kept.batch(), new Before(kept.putIn(), sequencer.breach(kept.batch(), kept.putIn())));
            if (!sequencer.keep(kept.batch(), kept.putIn(), kept.linger(), kept.pinned())) {
                rescue.take(kept.batch(), brief);
            }
        }
    }

    private List<Drop> withBegun(List<DropWriter.Laid> laid) {
        Map<String, Drop> all = new TreeMap<>();
        begun.forEach(drop -> all.put(drop.id(), drop));
        laid.forEach(next -> all.merge(
                next.drop().id(),
                next.drop(),
                (started, rest) -> writer.joined(started, rest, catalogue.cut(rest.cut()))));
        return all.values().stream()
                .sorted(Comparator.comparingInt(Drop::putIn).thenComparing(Drop::id))
                .toList();
    }

    private Sequence.Reason reason(DropWriter.Laid laid) {
        Placing part = laid.parts().get(0);
        Before was = before.get(part.batch);
        if (was == null) {
            return new Sequence.Reason(laid.drop().id(), "found a place anew", "where there was room", 0);
        }
        int shift = part.putIn - was.putIn();
        String rule = was.breach() == null
                ? "so that nobody waits for it"
                : was.breach().text();
        String now = Math.abs(shift) < UNMOVED_SECONDS
                ? "as planned"
                : KitchenText.minutes(Math.abs(shift) / MINUTE) + (shift > 0 ? " later: " : " sooner: ") + rule;
        return new Sequence.Reason(laid.drop().id(), "as planned", now, Math.abs(shift) / MINUTE);
    }
}
