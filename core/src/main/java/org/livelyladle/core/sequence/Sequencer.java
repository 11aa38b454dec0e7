package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.table.EndingPlan;

/**
 * Gives every batch its time. Constructive: batches in the order of eating, each at the free moment nearest to its
 * place; then improved: each batch in turn goes to the best free moment of the whole evening, on a grid that gets finer,
 * until nothing moves. What is best is the sum over the guests it is for ({@link Meal}), its distance from its place in
 * the order, and what there is to do at that time ({@link Cues}). Deterministic, at most {@value #MOST_STEPS} evenings
 * looked at, so that a large party takes no longer than it may.
 */
final class Sequencer {
    private static final int GRID = TablePlanner.GRID_SECONDS;
    /** Grids on which better moments are looked for, one after the other [s]; the first over the whole evening. */
    private static final int[] GRIDS = {60, 10};
    /** On the finer grids moments are looked for this many steps around. */
    private static final int STEPS_AROUND = 8;
    /** Times all batches are gone through on one grid. */
    private static final int MOST_ROUNDS = 3;

    private static final long MOST_STEPS = 1_500_000;
    /** What a batch's squared distance from its place in the order counts a guest, for ten minutes; memory. */
    private static final double ORDER_WEIGHT = 1.2;

    private static final double TEN_MINUTES = 600;
    /** Exchanges of two batches are tried where the order gains so much, the most promising first. */
    private static final double WORTH_EXCHANGING = 0.2;

    private static final int MOST_EXCHANGES = 300;
    /** What is gained must be worth a move. */
    private static final double GAIN = 1e-6;
    /** Slow things may go in this long before sitting down [s]. */
    static final int PRELOAD_SECONDS = 900;

    private final int mealSeconds;
    private final EatenShare tempo;
    private final Map<String, SideProfile> profiles = new HashMap<>();
    private final Map<String, String> potOf = new HashMap<>();
    private final List<Placing> placed = new ArrayList<>();
    private final List<Batch> unplaced = new ArrayList<>();
    private final Map<String, Integer> guestPlaces = new HashMap<>();
    private final List<Meal> meals = new ArrayList<>();
    /** Places of the guests who hold what each guest dips and mind the guest's baskets, and what each does. */
    private final int[] holders;

    private final List<List<Placing>> held = new ArrayList<>();
    private final List<Presence> presences = new ArrayList<>();
    private final @Nullable EndingPlan ending;
    private final Cues cues;
    private final Hands hands;

    private long steps;

    /** @param ending for which its side is free by then */
    Sequencer(Brief brief, Sides plans, SideLimits limits, Minders minders, @Nullable EndingPlan ending) {
        this.ending = ending;
        this.mealSeconds = brief.mealMinutes() * 60;
        this.tempo = EatenShare.of(brief.tempoOrUsual());
        this.cues = new Cues(mealSeconds, minders);
        this.hands = new Hands(mealSeconds);
        plans.all().forEach(side -> {
            profiles.put(side.side(), new SideProfile(side, limits.share(side.side())));
            potOf.put(side.side(), brief.potOf(side.side()).id());
        });
        for (Guest guest : brief.guests()) {
            Presence there = Presence.of(guest, mealSeconds);
            guestPlaces.put(guest.id(), guestPlaces.size());
            meals.add(new Meal(there.from(), there.until(), tempo));
            presences.add(there);
            held.add(new ArrayList<>());
        }
        holders = brief.guests().stream()
                .mapToInt(guest -> guestPlaces.get(minders.holder(guest.id())))
                .toArray();
    }

    List<Placing> placed() {
        return placed;
    }

    List<Batch> unplaced() {
        return unplaced;
    }

    /** Places a batch as near as can be to a wished put-in time [s] and keeps it there; empty when there is no room. */
    Optional<Integer> fix(Batch batch, int wished) {
        Placing placing = new Placing(batch, Math.round((float) wished / GRID) * GRID, true, guestPlaces);
        if (put(placing)) {
            return Optional.of(placing.putIn);
        }
        unplaced.add(batch);
        return Optional.empty();
    }

    /** The rule in the way of a put-in time [s], or null when nothing is. */
    @Nullable
    String obstacle(Batch batch, int putIn) {
        return obstacle(placing(batch), putIn);
    }

    void place(List<Batch> batches) {
        batches.stream().map(this::placing).sorted(IN_ORDER).forEach(placing -> {
            if (!put(placing)) {
                unplaced.add(placing.batch);
            }
        });
    }

    private static final Comparator<Placing> IN_ORDER = Comparator.comparingInt((Placing placing) -> placing.ideal)
            .thenComparing(placing -> placing.batch.cut().id())
            .thenComparing(placing -> placing.batch.side().id())
            .thenComparing(placing -> placing.batch.number())
            .thenComparing(placing -> placing.batch.servings().get(0).guest());

    /** Places one more batch where it fits, as near to its place in the order as can be; false when it fits nowhere. */
    boolean add(Batch batch) {
        return put(placing(batch));
    }

    /** Whether it would find a place. */
    boolean fits(Batch batch) {
        return nearest(placing(batch)).isPresent();
    }

    private Placing placing(Batch batch) {
        return new Placing(batch, ideal(batch), false, guestPlaces);
    }

    /** The put-in after which it is eaten when so much else should be eaten. */
    private int ideal(Batch batch) {
        int length = Math.max(0, Math.min(mealSeconds, batch.latest()) - Math.max(0, batch.earliest()));
        int eaten = (int)
                (Math.max(0, batch.earliest()) + tempo.mealFor(batch.place().share()) * length);
        return Math.floorDiv(eaten - batch.offset(), GRID) * GRID;
    }

    private boolean put(Placing placing) {
        Optional<Integer> time = nearest(placing);
        if (time.isEmpty()) {
            return false;
        }
        placing.putIn = time.get();
        placed.add(placing);
        cues.add(potOf.get(placing.batch.side().id()), placing);
        if (!placing.shared) {
            held.get(holders[placing.eaters[0]]).add(placing);
        }
        for (int i = 0; i < placing.eaters.length; i++) {
            meals.get(placing.eaters[i]).add(placing, i);
        }
        enter(placing);
        return true;
    }

    private Optional<Integer> nearest(Placing placing) {
        Patience.check();
        if (profiles.get(placing.batch.side().id()).neverTakes(placing)) {
            return Optional.empty();
        }
        int first = soonest(placing);
        int last = latest(placing);
        for (int shift = 0; placing.ideal + shift <= last || placing.ideal - shift >= first; shift += GRID) {
            int later = placing.ideal + shift;
            int sooner = placing.ideal - shift;
            if (later >= first && later <= last && obstacle(placing, later) == null) {
                return Optional.of(later);
            }
            if (shift > 0 && sooner >= first && sooner <= last && obstacle(placing, sooner) == null) {
                return Optional.of(sooner);
            }
        }
        return Optional.empty();
    }

    /** Nothing of it leaves the broth before its eaters are there, nor goes in before the table is ready. */
    private static int soonest(Placing placing) {
        int table = !placing.shared ? 0 : -PRELOAD_SECONDS;
        return Math.max(table, Math.max(GRID, placing.batch.earliest()) - placing.offset);
    }

    private int latest(Placing placing) {
        return Math.min(openUntil(placing.batch.side()), placing.batch.latest()) - placing.duration;
    }

    /** A side in which the meal ends is free of all else by then. */
    private int openUntil(Side side) {
        return ending != null && ending.side().equals(side.id()) ? ending.from() : mealSeconds;
    }

    @Nullable
    private String obstacle(Placing placing, int putIn) {
        Batch batch = placing.batch;
        int firstOut = putIn + placing.offset;
        if (firstOut < batch.earliest()) {
            return "somebody it is for has not arrived yet";
        }
        boolean early = firstOut < GRID || putIn < -PRELOAD_SECONDS || !placing.shared && putIn < 0;
        if (early || putIn + placing.duration > mealSeconds) {
            return "outside the meal";
        }
        if (putIn + placing.duration > openUntil(batch.side())) {
            return "the side is kept for the ending by then";
        }
        if (putIn + placing.duration > batch.latest()) {
            return "somebody it is for has left by then";
        }
        if (!placing.shared) {
            int holder = holders[placing.eaters[0]];
            if (!presences.get(holder).holds(firstOut, putIn + placing.duration)) {
                return "who holds it for a child is not at the table";
            }
            if (isHolding(holder, placing, putIn)) {
                return "somebody has another slice or basket at that time";
            }
            if (placing.byHand && !hands.areFree(potOf.get(batch.side().id()), placing, putIn)) {
                return "too many dip at that pot at that time";
            }
        }
        return profiles.get(batch.side().id()).obstacle(placing, putIn);
    }

    private boolean isHolding(int holder, Placing turn, int putIn) {
        for (Placing other : held.get(holder)) {
            if (other != turn && other.byHand == turn.byHand && other.overlaps(putIn, putIn + turn.duration)) {
                return true;
            }
        }
        return false;
    }

    private void enter(Placing placing) {
        String side = placing.batch.side().id();
        profiles.get(side).add(placing);
        if (placing.byHand) {
            hands.add(potOf.get(side), placing, 1);
        }
    }

    private void leave(Placing placing) {
        String side = placing.batch.side().id();
        profiles.get(side).remove(placing);
        if (placing.byHand) {
            hands.add(potOf.get(side), placing, -1);
        }
    }

    /** Moves what is not fixed to better moments until nothing moves. */
    void improve() {
        List<Placing> free = placed.stream()
                .filter(placing -> !placing.fixed && !placing.batch.place().settled())
                .sorted(IN_ORDER)
                .toList();
        for (int grid : GRIDS) {
            settle(free, grid);
            if (grid == GRIDS[0] && exchange(free)) {
                settle(free, grid);
            }
        }
    }

    private void settle(List<Placing> free, int grid) {
        boolean moved = true;
        for (int round = 0; moved && round < MOST_ROUNDS; round++) {
            moved = false;
            for (Placing placing : free) {
                if (steps > MOST_STEPS) {
                    return;
                }
                // nothing has changed for its eaters since it last stayed where it is
                long version = grid + (long) GRIDS[0] * changes(placing);
                if (version != placing.contentAt) {
                    moved |= relocate(placing, grid);
                    placing.contentAt = grid + (long) GRIDS[0] * changes(placing);
                }
            }
        }
    }

    /** Two batches, where they would be if each were eaten at the other's time, and how much better that suits the order. */
    private record Exchange(Placing a, Placing b, int putInA, int putInB, double gain) {}

    /** Exchanges what is eaten in the wrong order, those first that gain most by it; false when nothing was exchanged. */
    private boolean exchange(List<Placing> free) {
        List<Exchange> candidates = new ArrayList<>();
        for (int i = 0; i < free.size(); i++) {
            for (int j = i + 1; j < free.size(); j++) {
                Placing a = free.get(i);
                Placing b = free.get(j);
                int putInA = grid(b.putIn + b.offset - a.offset);
                int putInB = grid(a.putIn + a.offset - b.offset);
                double gain = order(a, a.putIn) + order(b, b.putIn) - order(a, putInA) - order(b, putInB);
                if (gain > WORTH_EXCHANGING) {
                    candidates.add(new Exchange(a, b, putInA, putInB, gain));
                }
            }
        }
        candidates.sort(Comparator.comparingDouble(Exchange::gain).reversed());
        boolean exchanged = false;
        for (Exchange candidate : candidates.subList(0, Math.min(MOST_EXCHANGES, candidates.size()))) {
            exchanged |= exchange(candidate);
        }
        return exchanged;
    }

    private static int grid(int second) {
        return Math.floorDiv(second, GRID) * GRID;
    }

    private boolean exchange(Exchange candidate) {
        Patience.check();
        Placing a = candidate.a();
        Placing b = candidate.b();
        int beforeA = a.putIn;
        int beforeB = b.putIn;
        double before = costOf(a, b);
        take(a);
        take(b);
        boolean fits = obstacle(a, candidate.putInA()) == null;
        if (fits) {
            put(a, candidate.putInA());
            fits = obstacle(b, candidate.putInB()) == null;
            if (!fits) {
                take(a);
            }
        }
        put(b, fits ? candidate.putInB() : beforeB);
        if (!fits) {
            put(a, beforeA);
            return false;
        }
        if (costOf(a, b) < before - GAIN) {
            return true;
        }
        take(a);
        take(b);
        put(a, beforeA);
        put(b, beforeB);
        return false;
    }

    private void take(Placing placing) {
        leave(placing);
        cues.remove(potOf.get(placing.batch.side().id()), placing);
    }

    private void put(Placing placing, int putIn) {
        placing.putIn = putIn;
        enter(placing);
        cues.add(potOf.get(placing.batch.side().id()), placing);
        for (int eater : placing.eaters) {
            meals.get(eater).changed();
        }
    }

    /** What both cost in the order, and the evenings of all they are for. */
    private double costOf(Placing a, Placing b) {
        double cost = order(a, a.putIn) + order(b, b.putIn);
        for (int eater : a.eaters) {
            cost += meals.get(eater).cost();
        }
        for (int eater : b.eaters) {
            if (Arrays.stream(a.eaters).noneMatch(other -> other == eater)) {
                cost += meals.get(eater).cost();
            }
        }
        return cost;
    }

    private long changes(Placing placing) {
        long changes = 0;
        for (int eater : placing.eaters) {
            changes += meals.get(eater).changes();
        }
        return changes;
    }

    /** To the best free moment of the evening; false when that is where it is. */
    private boolean relocate(Placing placing, int grid) {
        Patience.check();
        String side = placing.batch.side().id();
        String pot = potOf.get(side);
        cues.remove(pot, placing);
        boolean isOut = false;
        MealWithout[] rests = new MealWithout[placing.eaters.length];
        for (int i = 0; i < rests.length; i++) {
            rests[i] = meals.get(placing.eaters[i]).without(placing);
        }
        int before = placing.putIn;
        int best = before;
        double least = cost(placing, rests, before, Double.MAX_VALUE) - GAIN;
        int first = Batch.roundUp(soonest(placing));
        int last = latest(placing);
        if (grid < GRIDS[0]) {
            first = Math.max(first, before - STEPS_AROUND * grid);
            last = Math.min(last, before + STEPS_AROUND * grid);
        }
        for (int putIn = first; putIn <= last; putIn += grid) {
            double cost = cost(placing, rests, putIn, least);
            if (cost < least) {
                if (!isOut) {
                    leave(placing);
                    isOut = true;
                }
                if (obstacle(placing, putIn) == null) {
                    least = cost;
                    best = putIn;
                }
            }
        }
        placing.putIn = best;
        if (isOut) {
            enter(placing);
        }
        cues.add(pot, placing);
        if (best == before) {
            return false;
        }
        for (int eater : placing.eaters) {
            meals.get(eater).changed();
        }
        return true;
    }

    /** @param enough a moment that costs so much is out of the question, and need not be reckoned to the end */
    private double cost(Placing placing, MealWithout[] rests, int putIn, double enough) {
        double cost = order(placing, putIn);
        for (int i = 0; i < rests.length && cost < enough; i++) {
            cost += rests[i].cost(placing.biteAt[i], placing.biteGrams[i], putIn);
            steps++;
        }
        return cost < enough ? cost + cues.cost(potOf.get(placing.batch.side().id()), placing, putIn) : cost;
    }

    /** What would be worse if a batch came so much later, or sooner where negative [s]; empty where nothing would. */
    String against(Placing placing, int shift) {
        int putIn = placing.putIn + shift;
        leave(placing);
        String rule = obstacle(placing, putIn);
        enter(placing);
        if (rule != null) {
            return rule;
        }
        String pot = potOf.get(placing.batch.side().id());
        cues.remove(pot, placing);
        double busier = cues.cost(pot, placing, putIn) - cues.cost(pot, placing, placing.putIn);
        cues.add(pot, placing);
        double waits = 0;
        for (int i = 0; i < placing.eaters.length; i++) {
            MealWithout rest = meals.get(placing.eaters[i]).without(placing);
            waits += rest.cost(placing.biteAt[i], placing.biteGrams[i], putIn)
                    - rest.cost(placing.biteAt[i], placing.biteGrams[i], placing.putIn);
        }
        double place = order(placing, putIn) - order(placing, placing.putIn);
        double worst = Math.max(waits, Math.max(place, busier));
        if (worst <= GAIN) {
            return "";
        }
        if (worst == waits) {
            return "its eaters would wait longer or eat less evenly";
        }
        return worst == place ? "out of its course" : "too much to do at once";
    }

    private static double order(Placing placing, int putIn) {
        double away = (putIn - placing.ideal) / TEN_MINUTES;
        return ORDER_WEIGHT * placing.batch.place().weight() * away * away * placing.eaters.length;
    }
}
