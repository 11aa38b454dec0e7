package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import org.livelyladle.core.check.Patience;

/**
 * Moves batches to better moments: each in turn to a good one drawn by chance, then to the best free one of the whole
 * evening, on a grid that gets finer, until nothing moves; then the longest waits are shortened ({@link LongestWaits}). What is best is the sum over the guests it is for ({@link Meal}), its distance from its place in
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
    /** Moments that may be asked for what is in their way: where much has no room most are, and nothing gets better. */
    private static final long MOST_TRIED = 100_000;
    /** Before anything settles all is drawn so often, chance deciding less and less: else it ends in the first poor evening. */
    private static final int WARM_SWEEPS = 12;

    /** Once so many evenings have been looked at nothing is left to chance. */
    private static final long MOST_WARM_STEPS = MOST_STEPS / 4;
    /** A larger table is settled only, so that it takes no longer than it may. */
    private static final int MOST_SEARCHED = 500;

    /** What decides nothing yet at the first sweep; memory. */
    private static final double WARMTH = 1;
    /** Chance is the same each time. */
    private static final long SEED = 1;

    /** What a batch's squared distance from its place in the order counts a guest, for ten minutes; memory. */
    private static final double ORDER_WEIGHT = 1.6;

    private static final double TEN_MINUTES = 600;
    /** Exchanges of two batches are tried where the order gains so much, the most promising first. */
    private static final double WORTH_EXCHANGING = 0.2;

    private static final int MOST_EXCHANGES = 300;
    /** What is gained must be worth a move. */
    private static final double GAIN = 1e-6;

    /** What the longest lingering counts; memory. */
    private static final double SOFTER_WEIGHT = 0.3;

    private static final int[] NONE = {};
    private static final int[] NO_LINGER = {0};

    private final Board board;
    private final SplittableRandom random = new SplittableRandom(SEED);
    private long steps;
    private long tried;

    Improver(Board board) {
        this.board = board;
    }

    /** Improves it as it lies, then draws a good evening by chance and improves that, and keeps the better. */
    void search() {
        List<Placing> free = free();
        settle(free);
        if (free.size() > MOST_SEARCHED) {
            return;
        }
        double least = board.cost() + order(free);
        Arrangement settled = new Arrangement(board, free);
        for (int sweep = 0; sweep < WARM_SWEEPS && steps < MOST_WARM_STEPS; sweep++) {
            double warmth = WARMTH * (WARM_SWEEPS - sweep) / WARM_SWEEPS;
            free.forEach(placing -> relocate(placing, GRIDS[0], warmth));
        }
        free.forEach(placing -> placing.contentAt = -1);
        settle(free);
        if (board.cost() + order(free) >= least) {
            settled.restore();
        }
        shortenWaits(free);
    }

    private static double order(List<Placing> all) {
        return all.stream()
                .mapToDouble(placing -> order(placing, placing.counted()))
                .sum();
    }

    /** Moves what is not fixed to better moments until nothing moves. */
    void improve() {
        List<Placing> free = free();
        settle(free);
        shortenWaits(free);
    }

    /** Not where people already go by what is planned. */
    private void shortenWaits(List<Placing> free) {
        if (free.size() <= MOST_SEARCHED && free.stream().allMatch(placing -> placing.inertia == 0)) {
            new LongestWaits(board, free).shorten(this::settleFor);
        }
    }

    private void settle(List<Placing> free) {
        for (int grid : GRIDS) {
            settle(free, grid);
            if (exchange(free)) {
                settle(free, grid);
            }
        }
    }

    private List<Placing> free() {
        return board.placed().stream()
                .filter(placing -> !placing.fixed && !placing.batch.place().settled())
                .sorted(Placing.IN_ORDER)
                .toList();
    }

    /** Once more, for an evening that counts for more now: first what is eaten then, later all else. */
    private void settleFor(List<Placing> own, List<Placing> free) {
        own.forEach(placing -> placing.contentAt = -1);
        for (int grid : GRIDS) {
            settle(own, grid);
        }
        settle(free, GRIDS[0]);
        settle(own, GRIDS[1]);
    }

    private void settle(List<Placing> free, int grid) {
        boolean moved = true;
        for (int round = 0; moved && round < MOST_ROUNDS; round++) {
            moved = false;
            for (Placing placing : free) {
                if (steps > MOST_STEPS || tried > MOST_TRIED) {
                    return;
                }
                // nothing has changed for its eaters since it last stayed where it is
                long version = grid + (long) GRIDS[0] * board.changes(placing);
                if (version != placing.contentAt) {
                    moved |= relocate(placing, grid, 0);
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
                int countedA = grid(b.firstOut() - a.offset);
                int countedB = grid(a.firstOut() - b.offset);
                double gain = order(a, a.counted()) + order(b, b.counted()) - order(a, countedA) - order(b, countedB);
                if (gain > WORTH_EXCHANGING) {
                    candidates.add(new Exchange(a, b, countedA - a.linger, countedB - b.linger, gain));
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
        boolean fits = board.obstacle(a, candidate.putInA(), a.linger) == null;
        if (fits) {
            busier = board.cueCost(a, candidate.putInA(), a.linger)
                    + board.cueCost(b, candidate.putInB(), b.linger)
                    - board.cueCost(a, beforeA, a.linger)
                    - board.cueCost(b, beforeB, b.linger);
            board.put(a, candidate.putInA(), a.linger);
            fits = board.obstacle(b, candidate.putInB(), b.linger) == null;
            if (!fits) {
                board.take(a);
            }
        }
        board.put(b, fits ? candidate.putInB() : beforeB, b.linger);
        if (!fits) {
            board.put(a, beforeA, a.linger);
            return false;
        }
        if (costOf(a, b) + busier < before - GAIN - a.inertia - b.inertia) {
            return true;
        }
        board.take(a);
        board.take(b);
        board.put(a, beforeA, a.linger);
        board.put(b, beforeB, b.linger);
        return false;
    }

    /** What both cost in the order, and the evenings of all they are for. */
    private double costOf(Placing a, Placing b) {
        double cost = order(a, a.counted()) + order(b, b.counted());
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

    /**
     * To the best free moment of the evening; false when that is where it is.
     *
     * @param warmth how far chance decides among moments that cost about the same
     */
    private boolean relocate(Placing placing, int grid, double warmth) {
        Patience.check();
        board.forgetCues(placing);
        MealWithout[] rests = board.without(placing);
        int before = placing.counted();
        int lingered = placing.linger;
        int best = before;
        int bestLinger = lingered;
        double least = warmth > 0
                ? Double.MAX_VALUE
                : cost(placing, rests, before, Double.MAX_VALUE)
                        + lingering(placing, before, lingered)
                        - GAIN
                        - placing.inertia;
        int first = Batch.roundUp(board.soonest(placing));
        int last = board.latest(placing);
        if (grid < GRIDS[0]) {
            first = Math.max(first, before - STEPS_AROUND * grid);
            last = Math.min(last, before + STEPS_AROUND * grid);
        }
        int[] visits = placing.shared ? board.visits(placing) : NONE;
        for (int counted : moments(placing, visits, first, last, grid)) {
            double cost = cost(placing, rests, counted, least);
            if (cost >= least) {
                continue;
            }
            for (int linger : lingers(placing, visits, counted)) {
                double whole = cost + lingering(placing, counted, linger) + chance(warmth);
                if (whole >= least) {
                    continue;
                }
                tried++;
                if (board.obstacle(placing, counted - linger, linger) == null) {
                    least = whole;
                    best = counted;
                    bestLinger = linger;
                }
            }
        }
        boolean isMoved = best != before || bestLinger != lingered;
        if (isMoved) {
            board.move(placing, best - bestLinger, bestLinger);
        }
        board.countCues(placing);
        return isMoved;
    }

    /** So that a moment is drawn the more often the less it costs (Gumbel's distribution). */
    private double chance(double warmth) {
        return warmth == 0 ? 0 : warmth * Math.log(-Math.log(Math.max(Double.MIN_NORMAL, random.nextDouble())));
    }

    /** What there is to do at that time, and that it grows softer. */
    private double lingering(Placing placing, int counted, int linger) {
        double softer = linger == 0 ? 0 : SOFTER_WEIGHT * linger / placing.mostLinger;
        return softer + board.cueCost(placing, counted - linger, linger);
    }

    /** On the grid, and where it would go in or come out while somebody is at the pot anyway; each once. */
    private int[] moments(Placing placing, int[] visits, int first, int last, int grid) {
        if (last < first) {
            return NONE;
        }
        int even = (last - first) / grid + 1;
        int[] moments = new int[even + 2 * visits.length];
        BitSet tried = new BitSet();
        for (int i = 0; i < even; i++) {
            moments[i] = first + i * grid;
            tried.set(i * grid / GRID);
        }
        int count = even;
        for (int i = 0; i < 2 * visits.length; i++) {
            int moment = visits[i / 2] - i % 2 * grid(placing.duration);
            if (first <= moment && moment <= last && !tried.get((moment - first) / GRID)) {
                moments[count++] = moment;
                tried.set((moment - first) / GRID);
            }
        }
        return Arrays.copyOf(moments, count);
    }

    /** Not at all, or so long that it goes in while somebody is at the pot anyway, or before sitting down [s]. */
    private static int[] lingers(Placing placing, int[] visits, int counted) {
        if (placing.mostLinger == 0) {
            return NO_LINGER;
        }
        int[] lingers = new int[visits.length + 1];
        int count = 1;
        for (int visit : visits) {
            if (visit < counted && counted - visit <= placing.mostLinger) {
                lingers[count++] = counted - visit;
            }
        }
        return Arrays.copyOf(lingers, count);
    }

    /**
     * In the order and for its eaters.
     *
     * @param enough a moment that costs so much is out of the question, and need not be reckoned to the end
     */
    private double cost(Placing placing, MealWithout[] rests, int counted, double enough) {
        double cost = order(placing, counted);
        for (int i = 0; i < rests.length && cost < enough; i++) {
            cost += board.mealOf(placing.eaters[i]).weight()
                    * rests[i].cost(placing.biteAt[i], placing.biteGrams[i], counted);
            steps++;
        }
        return cost;
    }

    /** What would be worse if a batch came so much later, or sooner where negative [s]; empty where nothing would. */
    String against(Placing placing, int shift) {
        int putIn = placing.putIn + shift;
        String rule = board.obstacle(placing, putIn, placing.linger);
        if (rule != null) {
            return rule;
        }
        board.forgetCues(placing);
        double busier =
                board.cueCost(placing, putIn, placing.linger) - board.cueCost(placing, placing.putIn, placing.linger);
        board.countCues(placing);
        MealWithout[] rests = board.without(placing);
        double waits = 0;
        for (int i = 0; i < placing.eaters.length; i++) {
            waits += rests[i].cost(placing.biteAt[i], placing.biteGrams[i], placing.counted() + shift)
                    - rests[i].cost(placing.biteAt[i], placing.biteGrams[i], placing.counted());
        }
        double place = order(placing, placing.counted() + shift) - order(placing, placing.counted());
        double worst = Math.max(waits, Math.max(place, busier));
        if (worst <= GAIN) {
            return "";
        }
        if (worst == waits) {
            return "its eaters would wait longer or eat less evenly";
        }
        return worst == place ? "out of its course" : "too much to do at once";
    }

    private static double order(Placing placing, int counted) {
        double away = (counted - placing.ideal) / TEN_MINUTES;
        return ORDER_WEIGHT * placing.batch.place().weight() * away * away * placing.eaters.length;
    }
}
