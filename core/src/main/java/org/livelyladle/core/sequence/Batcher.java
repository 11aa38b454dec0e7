package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.Sides;

/**
 * Splits what goes into a side into drops the side can take, says where in the meal each belongs, and deals each guest
 * into those drops that come while the guest is there. Nobody waits for a drop because somebody else comes later: who
 * is not there when a drop comes has drops of their own.
 */
final class Batcher {
    /** Slices a guest dips in one go before something else comes; memory. */
    private static final int SLICES_A_TURN = 2;
    /** Portions of this size a head are worth two servings, by what is wanted above all [g]; memory. */
    private static final Map<Emphasis, Double> SECOND_HELPING_G =
            Map.of(Emphasis.QUICK, 40.0, Emphasis.BALANCED, 60.0, Emphasis.CALM, 150.0);
    /** A drop takes at most this share of the largest one, so that it finds a place between others; memory. */
    private static final double DROP_SHARE = 0.8;
    /** A drop fills at most this share of a side's free room, so that others fit beside it. */
    private static final double ROOM_SHARE = 0.6;
    /** Helpings are dealt anew in smaller drops at most so often. */
    private static final int MOST_DEALS = 60;
    /** The smallest helping of what is served by weight, when little room is left [g]; memory. */
    static final double SMALLEST_HELPING_G = 20;

    /** What is served by weight is lifted out in helpings of about this size [g]; memory. */
    private static final double ROUND_HELPING_G = 40;

    private static final double SAME = 1e-9;

    private final Sides plans;
    private final SideLimits limits;
    private final Windows windows;
    private final OrderOfEating order;
    private final EatenShare tempo;
    private final double secondHelpingG;
    private final int mealSeconds;
    /** Nothing goes in before [s from sitting down]. */
    private final int from;
    /** By side. */
    private final Map<String, WayOfEating> ways;

    private final Rounds rounds;

    /** @param from before which nothing goes in any more [s from sitting down] */
    Batcher(Brief brief, Sides plans, SideLimits limits, Windows windows, OrderOfEating order, int from) {
        this.from = from;
        this.plans = plans;
        this.limits = limits;
        this.windows = windows;
        this.order = order;
        this.tempo = EatenShare.of(brief.tempo());
        this.secondHelpingG = Objects.requireNonNull(SECOND_HELPING_G.get(brief.emphasis()));
        this.mealSeconds = brief.mealMinutes() * 60;
        this.rounds = new Rounds(brief, plans);
        this.ways = brief.sides().stream()
                .collect(Collectors.toMap(
                        Side::id, side -> brief.potOf(side.id()).wayOrUsual()));
    }

    private OrderOfEating.Place place(Dish dish, Side side, int index, int count) {
        WayOfEating way = ways.get(side.id());
        boolean atTheStart = way == WayOfEating.ALL_IN
                || way == WayOfEating.LAYERED && Batch.isFished(dish, windows.of(dish.cut(), side.id()));
        return atTheStart ? OrderOfEating.Place.AT_THE_START : order.place(dish, index, count);
    }

    /** How many rounds there are follows from all that goes into each pot. */
    void countRounds(Map<Dish, Map<Side, List<Demand>>> assigned) {
        rounds.count(assigned, order, (dish, side) -> mostGrams(in(dish, side), side));
    }

    /**
     * Some demands that go in together, and where in the meal.
     *
     * @param apart for guests who are not at the table when any of it should come: they come later, or leave before
     */
    private record Deal(List<Demand> demands, OrderOfEating.Place place, boolean apart) {
        private Deal(List<Demand> demands, OrderOfEating.Place place) {
            this(demands, place, false);
        }
    }

    List<Batch> split(Dish dish, Side side, List<Demand> demands) {
        return split(dish, side, demands, 1);
    }

    /** @param firstNumber of the first of these batches, where others of this cut and side exist */
    List<Batch> split(Dish usual, Side side, List<Demand> demands, int firstNumber) {
        Dish dish = in(usual, side);
        List<Demand> present = demands.stream()
                .filter(demand -> canMeet(dish, side, demand))
                .sorted(Comparator.comparing(demand -> demand.guest().id()))
                .toList();
        if (present.isEmpty()) {
            return List.of();
        }
        if (dish.inTurns()) {
            return turns(dish, side, present, firstNumber);
        }
        if (dish.tending() == Tending.BASKET) {
            return baskets(dish, side, present, firstNumber);
        }
        if (dish.lifted()) {
            int least = leastDrops(dish, side, present);
            List<OrderOfEating.Place> own = rounds.of(dish, side, order, least, Math.max(least, helpings(present)));
            return number(dish, side, deal(dish, side, present, own), firstNumber);
        }
        int count = leastInTime(dish, side, present);
        List<Deal> deals = deal(dish, side, present, places(dish, side, count));
        for (int tries = 0;
                tries < MOST_DEALS && deals.stream().anyMatch(deal -> !deal.apart() && isTooMuch(dish, side, deal));
                tries++) {
            count++;
            deals = deal(dish, side, present, places(dish, side, count));
        }
        List<Deal> all = deals.stream()
                .flatMap(deal -> deal.apart() ? divided(dish, side, deal).stream() : Stream.of(deal))
                .toList();
        return number(dish, side, all, firstNumber);
    }

    /** Without those who come so late, or leave so early, that they have drops of their own. */
    private int leastInTime(Dish dish, Side side, List<Demand> demands) {
        int least = leastDrops(dish, side, demands);
        Set<Guest> apart = deal(dish, side, demands, places(dish, side, least)).stream()
                .filter(Deal::apart)
                .flatMap(deal -> deal.demands().stream())
                .map(Demand::guest)
                .collect(Collectors.toSet());
        List<Demand> inTime = demands.stream()
                .filter(demand -> !apart.contains(demand.guest()))
                .toList();
        return inTime.isEmpty() ? least : leastDrops(dish, side, inTime);
    }

    /** More drops for all would be none more for those who are not there then: theirs are divided among themselves. */
    private List<Deal> divided(Dish dish, Side side, Deal apart) {
        int count = leastDrops(dish, side, apart.demands());
        List<Deal> deals = divided(dish, side, apart, count);
        while (count < MOST_DEALS && deals.stream().anyMatch(deal -> isTooMuch(dish, side, deal))) {
            count++;
            deals = divided(dish, side, apart, count);
        }
        return deals;
    }

    private List<Deal> divided(Dish dish, Side side, Deal whole, int count) {
        List<Deal> deals = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<Demand> parts = new ArrayList<>();
            for (int g = 0; g < whole.demands().size(); g++) {
                parts.add(part(whole.demands().get(g), Math.floorMod(i + g, count), count));
            }
            parts.removeIf(part -> part.grams() == 0);
            if (!parts.isEmpty()) {
                deals.add(new Deal(parts, place(dish, side, i, count)));
            }
        }
        return deals;
    }

    /** The most that whoever gets most of it can be given one after another. */
    private static int helpings(List<Demand> demands) {
        return demands.stream()
                .mapToInt(demand -> demand.pieces() > 0
                        ? demand.pieces()
                        : Math.max(1, (int) Math.round(demand.grams() / ROUND_HELPING_G)))
                .max()
                .orElse(1);
    }

    private List<OrderOfEating.Place> places(Dish dish, Side side, int count) {
        List<OrderOfEating.Place> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            places.add(place(dish, side, i, count));
        }
        return places;
    }

    /** What is dipped each guest dips in turns of a few slices; the first turns of all are one drop, and so on. */
    private List<Batch> turns(Dish dish, Side side, List<Demand> demands, int firstNumber) {
        List<Batch> turns = new ArrayList<>();
        for (Demand demand : demands) {
            int count = Math.max(1, (demand.pieces() + SLICES_A_TURN - 1) / SLICES_A_TURN);
            for (int i = 0; i < count; i++) {
                Deal deal = new Deal(List.of(part(demand, i, count)), place(dish, side, i, count));
                turns.add(batch(dish, side, firstNumber + i, deal));
            }
        }
        return turns;
    }

    /** Everybody has baskets of their own; the first of all are one drop, and so on. */
    private List<Batch> baskets(Dish dish, Side side, List<Demand> demands, int firstNumber) {
        List<Batch> baskets = new ArrayList<>();
        for (Demand demand : demands) {
            int count = leastDrops(dish, side, List.of(demand));
            for (int i = 0; i < count; i++) {
                Demand part = part(demand, i, count);
                if (part.grams() > 0) {
                    Deal deal = new Deal(List.of(part), place(dish, side, i, count));
                    baskets.add(batch(dish, side, firstNumber + i, deal));
                }
            }
        }
        return baskets;
    }

    /** The smallest drop there can be: a piece, or a small helping, for one guest. */
    Batch crumb(Dish usual, Side side, Demand demand) {
        Dish dish = in(usual, side);
        Demand least = demand.pieces() > 0
                ? part(demand, 0, demand.pieces())
                : new Demand(demand.guest(), dish, 0, Math.min(SMALLEST_HELPING_G, demand.grams()));
        return batch(dish, side, 1, new Deal(List.of(least), place(dish, side, 0, 1)));
    }

    private List<Batch> number(Dish dish, Side side, List<Deal> deals, int firstNumber) {
        List<Batch> batches = new ArrayList<>();
        for (Deal deal : deals) {
            batches.add(batch(dish, side, firstNumber + batches.size(), deal));
        }
        return batches;
    }

    private Batch batch(Dish dish, Side side, int number, Deal deal) {
        CookingWindow window = windows.of(dish.cut(), side.id());
        Presence common = Presence.common(deal.demands(), mealSeconds);
        return new Batch(
                dish,
                window.name(),
                side,
                side,
                number,
                deal.demands().stream().map(Demand::serving).toList(),
                window,
                deal.place(),
                common.from(),
                common.until());
    }

    /** A cut as it is eaten from a side. */
    Dish in(Dish usual, Side side) {
        return usual.in(ways.get(side.id()));
    }

    /** A batch that exists already, for those of its eaters who are left; none where they never meet. */
    Optional<Batch> again(
            Dish dish, Side side, Side homeSide, int number, OrderOfEating.Place place, List<Demand> eaters) {
        CookingWindow window = windows.of(dish.cut(), side.id());
        Presence common = Presence.common(eaters, mealSeconds);
        return canMeet(dish, window, common)
                ? Optional.of(new Batch(
                        dish,
                        window.name(),
                        side,
                        homeSide,
                        number,
                        eaters.stream().map(Demand::serving).toList(),
                        window,
                        place,
                        common.from(),
                        common.until()))
                : Optional.empty();
    }

    /** Whether somebody is at the table while a piece of it could be cooked. */
    boolean canMeet(Dish dish, Side side, Demand demand) {
        return canMeet(in(dish, side), windows.of(dish.cut(), side.id()), presence(demand));
    }

    /** Whether there is a moment at which all who share a presence are at the table. */
    private boolean canMeet(Dish dish, CookingWindow window, Presence common) {
        int in = Math.max(from, dish.shared() ? -Moments.PRELOAD_SECONDS : 0) + dish.brownsFor();
        int soonest = Math.max(TablePlanner.GRID_SECONDS, in + Batch.offset(dish, window));
        int first = Batch.roundUp(Math.max(common.from(), soonest));
        return first <= common.until() - TablePlanner.GRID_SECONDS;
    }

    private int leastDrops(Dish dish, Side side, List<Demand> demands) {
        double grams = grams(demands);
        boolean generous = grams / demands.size() >= secondHelpingG
                && dish.cut().shape() != Shape.LEAF
                && !Batch.isFished(dish, windows.of(dish.cut(), side.id()));
        return Math.max((int) Math.ceil(grams * dish.cut().swell() / mostGrams(dish, side) - SAME), generous ? 2 : 1);
    }

    /** The most that goes in at once, as it is in the broth; whole pieces, one at least [g]. */
    private double mostGrams(Dish dish, Side side) {
        Cut cut = dish.cut();
        SidePlan plan = plans.side(side.id());
        double cold = dish.startsFrozen() ? Placing.FROZEN_COUNTS : 1;
        double most = Math.min(
                DROP_SHARE * limits.share(side.id()) * plan.dropLimit().value() / cold,
                ROOM_SHARE * plan.room().value() * Batch.densityInPot(cut));
        if (cut.counted() && cut.pieceGrams() != null) {
            double piece = cut.pieceGrams() * cut.swell();
            most = Math.max(piece, Math.floor(most / piece + SAME) * piece);
        }
        return most;
    }

    /** Whether a side takes so much at once. */
    boolean takesAtOnce(Dish dish, Side side, List<Demand> demands) {
        return grams(demands) * dish.cut().swell() <= mostGrams(dish, side) + SAME;
    }

    private boolean isTooMuch(Dish dish, Side side, Deal deal) {
        boolean divides = deal.demands().size() > 1
                || deal.demands().get(0).pieces() != 1 && deal.demands().get(0).grams() > SMALLEST_HELPING_G;
        return divides && !takesAtOnce(dish, side, deal.demands());
    }

    private static double grams(List<Demand> demands) {
        return demands.stream().mapToDouble(Demand::grams).sum();
    }

    /**
     * Deals everybody into helpings spread over the time somebody is there. Pieces are dealt round, starting
     * with another guest each time so that a few pieces do not all fall into the first drop.
     */
    private List<Deal> deal(Dish dish, Side side, List<Demand> demands, List<OrderOfEating.Place> places) {
        int count = places.size();
        int start = demands.stream().mapToInt(d -> presence(d).from()).min().orElse(0);
        int end = demands.stream().mapToInt(d -> presence(d).until()).max().orElse(mealSeconds);
        List<List<Demand>> together = new ArrayList<>();
        List<List<Demand>> apart = new ArrayList<>();
        double[] moments = new double[count];
        for (int i = 0; i < count; i++) {
            together.add(new ArrayList<>());
            apart.add(new ArrayList<>());
            moments[i] = start + tempo.mealFor(places.get(i).share()) * (end - start);
        }
        for (int g = 0; g < demands.size(); g++) {
            Demand demand = demands.get(g);
            Presence there = presence(demand);
            List<Integer> turns = turns(moments, there);
            boolean joins = turns.stream().allMatch(i -> there.includes(moments[i]));
            for (int k = 0; k < turns.size(); k++) {
                Demand part = part(demand, Math.floorMod(k + g, turns.size()), turns.size());
                if (part.grams() > 0) {
                    (joins ? together : apart).get(turns.get(k)).add(part);
                }
            }
        }
        List<Deal> deals = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<List<Demand>> groups = new ArrayList<>(meeting(dish, side, together.get(i)));
            int inTime = groups.size();
            groups.addAll(meeting(dish, side, apart.get(i)));
            groups.forEach(group -> accompany(dish, side, group, groups));
            for (int g = 0; g < groups.size(); g++) {
                deals.add(new Deal(groups.get(g), places.get(i), g >= inTime));
            }
        }
        return deals;
    }

    /** Whoever would be served alone is joined by half of the largest group: as many drops, and none for one guest. */
    private void accompany(Dish dish, Side side, List<Demand> group, List<List<Demand>> groups) {
        List<Demand> largest =
                groups.stream().max(Comparator.comparingInt(List::size)).orElse(group);
        if (group.size() > 1 || largest.size() < 3) {
            return;
        }
        CookingWindow window = windows.of(dish.cut(), side.id());
        Presence alone = presence(group.get(0));
        List<Demand> joining = largest.stream()
                .filter(other -> canMeet(dish, window, alone.and(presence(other))))
                .limit(largest.size() / 2)
                .toList();
        Presence together = Presence.common(joining, mealSeconds).and(alone);
        if (canMeet(dish, window, together)) {
            group.addAll(joining);
            largest.removeAll(joining);
        }
    }

    /** The helpings that come while a guest is there; the nearest where none does. */
    private static List<Integer> turns(double[] moments, Presence there) {
        List<Integer> turns = new ArrayList<>();
        int nearest = 0;
        for (int i = 0; i < moments.length; i++) {
            if (there.includes(moments[i])) {
                turns.add(i);
            }
            if (distance(moments[i], there) < distance(moments[nearest], there)) {
                nearest = i;
            }
        }
        return turns.isEmpty() ? List.of(nearest) : turns;
    }

    private static double distance(double moment, Presence there) {
        return Math.max(0, Math.max(there.from() - moment, moment - there.until()));
    }

    /** The i-th of n parts of what a guest gets; whole pieces of what is counted. */
    static Demand part(Demand demand, int i, int n) {
        if (demand.pieces() == 0) {
            return new Demand(demand.guest(), demand.dish(), 0, demand.grams() / n);
        }
        int pieces = demand.pieces() / n + (i < demand.pieces() % n ? 1 : 0);
        return new Demand(demand.guest(), demand.dish(), pieces, demand.grams() / demand.pieces() * pieces);
    }

    /** People who are at the table at one time. */
    private static final class Group {
        private final List<Demand> demands = new ArrayList<>();
        private Presence common;

        private Group(Presence common) {
            this.common = common;
        }
    }

    /** In as few groups as can be, each at the table at one time. */
    private List<List<Demand>> meeting(Dish dish, Side side, List<Demand> demands) {
        CookingWindow window = windows.of(dish.cut(), side.id());
        List<Group> groups = new ArrayList<>();
        for (Demand demand : demands) {
            Presence own = presence(demand);
            Group with = groups.stream()
                    .filter(group -> canMeet(dish, window, group.common.and(own)))
                    .findFirst()
                    .orElse(null);
            if (with == null) {
                with = new Group(own);
                groups.add(with);
            }
            with.demands.add(demand);
            with.common = with.common.and(own);
        }
        return groups.stream().map(group -> group.demands).toList();
    }

    private Presence presence(Demand demand) {
        return Presence.of(demand.guest(), mealSeconds);
    }
}
