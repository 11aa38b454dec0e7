package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.broths.Broths;

/**
 * Gives every batch its time. Constructive: batches in the order of eating, each at the free moment nearest to its
 * place; then improved: for the guest who waits longest, one of that guest's batches moves into the wait, as long as
 * the total of squared waits falls. Deterministic, at most {@value #MOST_MOVES} moves.
 */
final class Sequencer {
    private static final int GRID = TablePlanner.GRID_SECONDS;
    private static final int MOST_MOVES = 160;
    /** Weight of leaving a batch's place in the order against waiting, both in seconds squared. */
    private static final double ORDER_WEIGHT = 0.12;
    /** Slow things may go in this long before sitting down [s]. */
    static final int PRELOAD_SECONDS = 900;

    private final int mealSeconds;
    private final Map<String, SideProfile> profiles = new HashMap<>();
    private final Map<Batch, Integer> putIns = new IdentityHashMap<>();
    private final List<Batch> placed = new ArrayList<>();
    private final Map<String, List<Batch>> byGuest = new HashMap<>();
    private final List<Batch> unplaced = new ArrayList<>();
    private final Map<String, Integer> arrivals;
    private final List<Batch> fixed = new ArrayList<>();

    Sequencer(int mealSeconds, Broths broths, Map<String, Integer> arrivals) {
        this.mealSeconds = mealSeconds;
        this.arrivals = arrivals;
        broths.sides().forEach(side -> profiles.put(side.side(), new SideProfile(side)));
    }

    List<Batch> placed() {
        return placed;
    }

    List<Batch> unplaced() {
        return unplaced;
    }

    int putIn(Batch batch) {
        return putIns.get(batch);
    }

    /** Places a batch as near as can be to a wished put-in time and keeps it there; empty when there is no room at all. */
    Optional<Integer> fix(Batch batch, int putIn) {
        Optional<Integer> time = nearest(batch, Math.round((float) putIn / GRID) * GRID);
        time.ifPresent(t -> {
            put(batch, t);
            fixed.add(batch);
        });
        if (time.isEmpty()) {
            unplaced.add(batch);
        }
        return time;
    }

    /** The rule in the way of a put-in time, or null when nothing is. */
    @Nullable
    String obstacle(Batch batch, int putIn) {
        int end = putIn + batch.duration();
        int firstOut = putIn + batch.offset();
        if (firstOut < batch.earliest()) {
            return "somebody it is for has not arrived yet";
        }
        if (firstOut < GRID || putIn < -PRELOAD_SECONDS || end > mealSeconds || batch.byHand() && putIn < 0) {
            return "outside the meal";
        }
        if (batch.byHand() && busy(batch, putIn, end)) {
            return "somebody minds another slice at that time";
        }
        return profiles.get(batch.side().id()).obstacle(batch, putIn);
    }

    void place(List<Batch> batches) {
        List<Batch> ordered = batches.stream()
                .sorted(Comparator.comparingDouble(Batch::wish)
                        .thenComparing(batch -> batch.cut().id())
                        .thenComparing(batch -> batch.side().id())
                        .thenComparing(Batch::number))
                .toList();
        for (Batch batch : ordered) {
            Optional<Integer> time = nearest(batch, idealPutIn(batch));
            if (time.isPresent()) {
                put(batch, time.get());
            } else {
                unplaced.add(batch);
            }
        }
    }

    /** Shortens the longest waits. */
    void improve() {
        for (int move = 0; move < MOST_MOVES && moveOne(); move++) {}
    }

    private int idealPutIn(Batch batch) {
        int out = (int) Math.round(batch.wish() * (mealSeconds - 60)) + 30;
        return Math.floorDiv(Math.max(out, batch.earliest()) - batch.duration(), GRID) * GRID;
    }

    private Optional<Integer> nearest(Batch batch, int wished) {
        for (int shift = 0; shift <= mealSeconds + PRELOAD_SECONDS; shift += GRID) {
            if (obstacle(batch, wished + shift) == null) {
                return Optional.of(wished + shift);
            }
            if (shift > 0 && obstacle(batch, wished - shift) == null) {
                return Optional.of(wished - shift);
            }
        }
        return Optional.empty();
    }

    private boolean busy(Batch batch, int from, int to) {
        return batch.servings().stream()
                .anyMatch(serving -> byGuest.getOrDefault(serving.guest(), List.of()).stream()
                        .anyMatch(other -> other != batch
                                && other.byHand()
                                && putIns.get(other) < to
                                && from < putIns.get(other) + other.duration()));
    }

    private void put(Batch batch, int putIn) {
        putIns.put(batch, putIn);
        placed.add(batch);
        profiles.get(batch.side().id()).add(batch, putIn);
        batch.servings()
                .forEach(serving -> byGuest.computeIfAbsent(serving.guest(), g -> new ArrayList<>())
                        .add(batch));
    }

    private void take(Batch batch) {
        placed.remove(batch);
        profiles.get(batch.side().id()).remove(batch);
        batch.servings().forEach(serving -> byGuest.get(serving.guest()).remove(batch));
    }

    private boolean moveOne() {
        List<Wait> waits = new ArrayList<>();
        byGuest.keySet().stream().sorted().forEach(guest -> waits.addAll(waits(guest)));
        waits.sort(Comparator.comparingInt((Wait wait) -> -(wait.to() - wait.from())));
        return waits.stream().limit(12).anyMatch(this::fill);
    }

    private record Wait(String guest, int from, int to) {}

    private List<Wait> waits(String guest) {
        List<Wait> waits = new ArrayList<>();
        int last = arrivals.getOrDefault(guest, 0);
        for (int bite : bites(guest)) {
            waits.add(new Wait(guest, last, bite));
            last = bite;
        }
        waits.add(new Wait(guest, last, mealSeconds));
        return waits;
    }

    private List<Integer> bites(String guest) {
        List<Integer> bites = new ArrayList<>();
        for (Batch batch : byGuest.getOrDefault(guest, List.of())) {
            bites.addAll(bites(batch, guest, putIns.get(batch)));
        }
        bites.sort(null);
        return bites;
    }

    /** When a guest eats from a batch [s]. */
    static List<Integer> bites(Batch batch, String guest, int putIn) {
        int times = batch.byHand()
                ? batch.servings().stream()
                        .filter(serving -> serving.guest().equals(guest))
                        .mapToInt(Drop.Serving::pieces)
                        .sum()
                : 1;
        List<Integer> bites = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            bites.add(putIn + batch.offset() + i * batch.everySeconds());
        }
        return bites;
    }

    private boolean fill(Wait wait) {
        int middle = (wait.from() + wait.to()) / 2;
        List<Batch> candidates = byGuest.get(wait.guest()).stream()
                .filter(batch -> fixed.stream().noneMatch(f -> f == batch))
                .sorted(Comparator.comparingInt(batch -> Math.abs(putIns.get(batch) + batch.duration() - middle)))
                .limit(8)
                .toList();
        return candidates.stream().anyMatch(batch -> tryMove(batch, middle));
    }

    private boolean tryMove(Batch batch, int middle) {
        int before = putIns.get(batch);
        double costBefore = cost(batch);
        take(batch);
        int target = Math.floorDiv(middle - batch.duration(), GRID) * GRID;
        for (int shift : new int[] {0, 30, -30, 60, -60}) {
            if (obstacle(batch, target + shift) == null) {
                put(batch, target + shift);
                if (cost(batch) < costBefore - 1) {
                    return true;
                }
                take(batch);
            }
        }
        put(batch, before);
        return false;
    }

    /** Squared waits of everybody the batch is for, and its distance from its place in the order. */
    private double cost(Batch batch) {
        double cost = 0;
        for (Drop.Serving serving : batch.servings()) {
            for (Wait wait : waits(serving.guest())) {
                double seconds = wait.to() - wait.from();
                cost += seconds * seconds;
            }
        }
        double away = putIns.get(batch) - idealPutIn(batch);
        return cost + ORDER_WEIGHT * away * away;
    }
}
