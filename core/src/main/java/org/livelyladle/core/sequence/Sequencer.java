package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.check.Patience;

/**
 * Gives every batch its time. Constructive: batches in the order of eating, each at the free moment nearest to its
 * place; then improved: one batch of the guest who waits longest moves into the wait, as long as the total of cubed
 * waits and of squared distances from the order falls; noodles stay last. Deterministic, at most {@value #MOST_MOVES} moves
 * and {@value #MOST_STEPS} bites looked at, so that a large party takes no longer than it may.
 */
final class Sequencer {
    private static final int GRID = TablePlanner.GRID_SECONDS;
    private static final int MOST_MOVES = 400;
    private static final long MOST_STEPS = 20_000_000;
    private static final int CANDIDATES_PER_WAIT = 12;
    /** Where in the wait a bite is tried [s from its middle]. */
    private static final int[] SHIFTS = {0, 45, -45, 90, -90};
    /** Weight of a batch's squared distance from its place in the order against cubed waits [s]; memory. */
    private static final double ORDER_WEIGHT = 1;
    /** Slow things may go in this long before sitting down [s]. */
    static final int PRELOAD_SECONDS = 900;
    /** The first take-out of the evening is about here, the last this long before the finish [s]. */
    private static final int MARGIN_SECONDS = 60;

    private final int mealSeconds;
    private final Map<String, SideProfile> profiles = new HashMap<>();
    private final List<Placing> placed = new ArrayList<>();
    private final List<Batch> unplaced = new ArrayList<>();
    private final Map<String, Integer> guestPlaces = new HashMap<>();
    private final List<Waits> waits = new ArrayList<>();
    private final Bites bites;
    /** Guests from the first id to the last, so that the list's order decides nothing. */
    private final int[] byId;

    private long steps;

    /**
     * @param guests whose arriving and leaving frame their own meal
     */
    Sequencer(int mealSeconds, Sides plans, SideLimits limits, List<Guest> guests) {
        this.mealSeconds = mealSeconds;
        plans.all().forEach(side -> profiles.put(side.side(), new SideProfile(side, limits.share(side.side()))));
        guests.forEach(guest -> {
            Presence there = Presence.of(guest, mealSeconds);
            guestPlaces.put(guest.id(), guestPlaces.size());
            waits.add(new Waits(there.from(), there.until()));
        });
        bites = new Bites(guests.size());
        byId = guests.stream()
                .map(Guest::id)
                .sorted()
                .mapToInt(guestPlaces::get)
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
        batches.stream()
                .map(this::placing)
                .sorted(Comparator.comparingInt((Placing placing) -> placing.ideal)
                        .thenComparing(placing -> placing.batch.cut().id())
                        .thenComparing(placing -> placing.batch.side().id())
                        .thenComparing(placing -> placing.batch.number()))
                .forEach(placing -> {
                    if (!put(placing)) {
                        unplaced.add(placing.batch);
                    }
                });
    }

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

    /** Shortens the longest waits. */
    void improve() {
        Set<Integer> content = new HashSet<>();
        int moves = 0;
        while (moves < MOST_MOVES && steps < MOST_STEPS && moveOne(content)) {
            moves++;
        }
    }

    /** From "taken out just after sitting down" to "taken out just before the finish", by the batch's wish. */
    private int ideal(Batch batch) {
        int first = Math.max(-PRELOAD_SECONDS, MARGIN_SECONDS - batch.duration());
        int last = Math.min(mealSeconds - MARGIN_SECONDS, batch.latest()) - batch.duration();
        int putIn = (int) Math.round(first + batch.wish() * (last - first));
        return Math.floorDiv(Math.max(putIn, batch.earliest() - batch.offset()), GRID) * GRID;
    }

    private boolean put(Placing placing) {
        Optional<Integer> time = nearest(placing);
        if (time.isEmpty()) {
            return false;
        }
        placing.putIn = time.get();
        placed.add(placing);
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
        int table = placing.byHand ? 0 : -PRELOAD_SECONDS;
        return Math.max(table, Math.max(GRID, placing.batch.earliest()) - placing.offset);
    }

    private int latest(Placing placing) {
        return Math.min(mealSeconds, placing.batch.latest()) - placing.duration;
    }

    @Nullable
    private String obstacle(Placing placing, int putIn) {
        Batch batch = placing.batch;
        int firstOut = putIn + placing.offset;
        if (firstOut < batch.earliest()) {
            return "somebody it is for has not arrived yet";
        }
        boolean early = firstOut < GRID || putIn < -PRELOAD_SECONDS || placing.byHand && putIn < 0;
        if (early || putIn + placing.duration > mealSeconds) {
            return "outside the meal";
        }
        if (putIn + placing.duration > batch.latest()) {
            return "somebody it is for has left by then";
        }
        if (placing.byHand && busy(placing, putIn)) {
            return "somebody dips another slice at that time";
        }
        return profiles.get(batch.side().id()).obstacle(placing, putIn);
    }

    private boolean busy(Placing placing, int putIn) {
        for (int eater : placing.eaters) {
            for (Placing other : bites.of(eater)) {
                if (other != placing && other.byHand && other.overlaps(putIn, putIn + placing.duration)) {
                    return true;
                }
            }
        }
        return false;
    }

    private void enter(Placing placing) {
        profiles.get(placing.batch.side().id()).add(placing);
        bites.add(placing);
    }

    /**
     * Tries the guests from the longest wait down; true as soon as one move helps.
     *
     * @param content guests nothing helps, until a drop of theirs moves
     */
    private boolean moveOne(Set<Integer> content) {
        Patience.check();
        return Arrays.stream(byId)
                .filter(guest -> !bites.of(guest).isEmpty() && !content.contains(guest))
                .mapToObj(guest -> waits.get(guest).longest(guest, bites.seconds(guest)))
                .sorted(Comparator.comparingDouble(Waits.Longest::weight).reversed())
                .anyMatch(wait -> shorten(wait, content));
    }

    private boolean shorten(Waits.Longest wait, Set<Integer> content) {
        int middle = (wait.from() + wait.to()) / 2;
        Optional<Placing> moved = bites.of(wait.guest()).stream()
                .filter(placing -> !placing.fixed)
                .sorted(Comparator.comparingInt(placing -> Math.abs(placing.putIn + placing.duration - middle)))
                .limit(CANDIDATES_PER_WAIT)
                .toList()
                .stream()
                .filter(placing -> move(placing, middle))
                .findFirst();
        content.add(wait.guest());
        moved.ifPresent(placing -> Arrays.stream(placing.eaters).forEach(content::remove));
        return moved.isPresent();
    }

    private boolean move(Placing placing, int middle) {
        SideProfile side = profiles.get(placing.batch.side().id());
        side.remove(placing);
        int before = placing.putIn;
        int[] targets = Arrays.stream(SHIFTS)
                .map(shift -> Math.floorDiv(middle + shift - placing.duration, GRID) * GRID)
                .filter(target -> target != before && inOrder(placing, target) && obstacle(placing, target) == null)
                .toArray();
        boolean moved = targets.length > 0 && moveTo(placing, targets);
        side.add(placing);
        return moved;
    }

    /** Noodles stay in the last part of the meal, all else before it. */
    private boolean inOrder(Placing placing, int target) {
        boolean late = target > OrderOfEating.STARCH_FROM * mealSeconds;
        return late == placing.batch.wish() >= OrderOfEating.STARCH_FROM;
    }

    /** Takes the first of the times that costs less than the batch's own. */
    private boolean moveTo(Placing placing, int[] targets) {
        List<Eater> eaters = eaters(placing);
        double before = cost(placing, eaters, placing.putIn);
        for (int target : targets) {
            if (cost(placing, eaters, target) < before - 1) {
                placing.putIn = target;
                bites.moved(placing);
                return true;
            }
        }
        return false;
    }

    /** A guest a batch is for: what else the guest bites when, and how often of the batch. */
    private record Eater(Waits waits, int[] rest, int bites) {}

    private List<Eater> eaters(Placing placing) {
        List<Eater> eaters = new ArrayList<>();
        for (int i = 0; i < placing.eaters.length; i++) {
            int guest = placing.eaters[i];
            eaters.add(new Eater(waits.get(guest), bites.without(guest, placing, placing.bites[i]), placing.bites[i]));
        }
        return eaters;
    }

    /** Cubed waits of everybody the batch is for, and its squared distance from its place in the order. */
    private double cost(Placing placing, List<Eater> eaters, int putIn) {
        double away = putIn - placing.ideal;
        double cost = ORDER_WEIGHT * away * away * eaters.size();
        for (Eater eater : eaters) {
            cost += eater.waits().cost(eater.rest(), putIn + placing.offset, eater.bites(), placing.every);
            steps += eater.rest().length + eater.bites();
        }
        return cost;
    }
}
