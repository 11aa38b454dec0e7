package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import org.livelyladle.core.check.Patience;

/**
 * Moves batches to better moments: each in turn to the best free moment of the whole evening, on a grid that gets finer,
 * until nothing moves. What is best is the sum over the guests it is for ({@link Meal}), its distance from its place in
 * the order, and what there is to do at that time ({@link Cues}). Deterministic, at most {@value #MOST_STEPS} evenings
 * looked at, so that a large party takes no longer than it may.
 */
final class Improver {
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

    private static final int[] NONE = {};

    private final Board board;
    private long steps;

    Improver(Board board) {
        this.board = board;
    }

    /** Moves what is not fixed to better moments until nothing moves. */
    void improve() {
        List<Placing> free = board.placed().stream()
                .filter(placing -> !placing.fixed && !placing.batch.place().settled())
                .sorted(Placing.IN_ORDER)
                .toList();
        for (int grid : GRIDS) {
            settle(free, grid);
            if (exchange(free)) {
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
                long version = grid + (long) GRIDS[0] * board.changes(placing);
                if (version != placing.contentAt) {
                    moved |= relocate(placing, grid);
                    placing.contentAt = grid + (long) GRIDS[0] * board.changes(placing);
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
        board.take(a);
        board.take(b);
        double busier = 0;
        boolean fits = board.obstacle(a, candidate.putInA()) == null;
        if (fits) {
            busier = board.cueCost(a, candidate.putInA())
                    + board.cueCost(b, candidate.putInB())
                    - board.cueCost(a, beforeA)
                    - board.cueCost(b, beforeB);
            board.put(a, candidate.putInA());
            fits = board.obstacle(b, candidate.putInB()) == null;
            if (!fits) {
                board.take(a);
            }
        }
        board.put(b, fits ? candidate.putInB() : beforeB);
        if (!fits) {
            board.put(a, beforeA);
            return false;
        }
        if (costOf(a, b) + busier < before - GAIN - a.inertia - b.inertia) {
            return true;
        }
        board.take(a);
        board.take(b);
        board.put(a, beforeA);
        board.put(b, beforeB);
        return false;
    }

    /** What both cost in the order, and the evenings of all they are for. */
    private double costOf(Placing a, Placing b) {
        double cost = order(a, a.putIn) + order(b, b.putIn);
        for (int eater : a.eaters) {
            cost += board.mealOf(eater).cost();
        }
        for (int eater : b.eaters) {
            if (Arrays.stream(a.eaters).noneMatch(other -> other == eater)) {
                cost += board.mealOf(eater).cost();
            }
        }
        return cost;
    }

    /** To the best free moment of the evening; false when that is where it is. */
    private boolean relocate(Placing placing, int grid) {
        Patience.check();
        board.forgetCues(placing);
        MealWithout[] rests = board.without(placing);
        int before = placing.putIn;
        int best = before;
        double least = cost(placing, rests, before, Double.MAX_VALUE) - GAIN - placing.inertia;
        int first = Batch.roundUp(board.soonest(placing));
        int last = board.latest(placing);
        if (grid < GRIDS[0]) {
            first = Math.max(first, before - STEPS_AROUND * grid);
            last = Math.min(last, before + STEPS_AROUND * grid);
        }
        int[] moments = moments(placing, first, last, grid);
        for (int putIn : moments) {
            double cost = cost(placing, rests, putIn, least);
            if (cost < least && board.obstacle(placing, putIn) == null) {
                least = cost;
                best = putIn;
            }
        }
        if (best != before) {
            board.move(placing, best);
        }
        board.countCues(placing);
        return best != before;
    }

    /** On the grid, and on a wide one also when somebody is at the pot anyway; each once. */
    private int[] moments(Placing placing, int first, int last, int grid) {
        if (last < first) {
            return NONE;
        }
        int even = (last - first) / grid + 1;
        int[] visits = placing.shared && grid > GRIDS[1] ? board.visits(placing) : NONE;
        int[] moments = new int[even + visits.length];
        BitSet tried = new BitSet();
        for (int i = 0; i < even; i++) {
            moments[i] = first + i * grid;
            tried.set(i * grid / GRID);
        }
        int count = even;
        for (int visit : visits) {
            if (first <= visit && visit <= last && !tried.get((visit - first) / GRID)) {
                moments[count++] = visit;
                tried.set((visit - first) / GRID);
            }
        }
        return Arrays.copyOf(moments, count);
    }

    /** @param enough a moment that costs so much is out of the question, and need not be reckoned to the end */
    private double cost(Placing placing, MealWithout[] rests, int putIn, double enough) {
        double cost = order(placing, putIn);
        for (int i = 0; i < rests.length && cost < enough; i++) {
            cost += rests[i].cost(placing.biteAt[i], placing.biteGrams[i], putIn);
            steps++;
        }
        return cost < enough ? cost + board.cueCost(placing, putIn) : cost;
    }

    /** What would be worse if a batch came so much later, or sooner where negative [s]; empty where nothing would. */
    String against(Placing placing, int shift) {
        int putIn = placing.putIn + shift;
        String rule = board.obstacle(placing, putIn);
        if (rule != null) {
            return rule;
        }
        board.forgetCues(placing);
        double busier = board.cueCost(placing, putIn) - board.cueCost(placing, placing.putIn);
        board.countCues(placing);
        MealWithout[] rests = board.without(placing);
        double waits = 0;
        for (int i = 0; i < placing.eaters.length; i++) {
            waits += rests[i].cost(placing.biteAt[i], placing.biteGrams[i], putIn)
                    - rests[i].cost(placing.biteAt[i], placing.biteGrams[i], placing.putIn);
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
