package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.random.RandomGenerator;
import org.livelyladle.core.check.Patience;

/**
 * Moves single batches to their best free moments. What is best is the sum over the guests it is for ({@link Meal}), its
 * distance from its place in the order, and what there is to do at that time ({@link Cues}).
 */
final class Mover {
    /** Grids on which moments are looked for [s]; the first over the whole evening. */
    static final int COARSE = 60;

    static final int FINE = 10;
    /** On the finer grid moments are looked for this many steps around. */
    private static final int STEPS_AROUND = 8;

    /** What is eaten with something should be so many times as near to that as others to their place; memory. */
    private static final double TIE_TIMES = 6;

    private static final double TEN_MINUTES = 600;
    /** What has a strict place is moved no further from it [s]; memory. */
    private static final int STRICTLY = 1200;

    /** What the longest lingering counts; memory. */
    private static final double SOFTER_WEIGHT = 0.3;
    /** What is gained must be worth a move. */
    static final double GAIN = 1e-6;
    /** Of the moments of the evening this share is passed over where something new is tried [1]; memory. */
    private static final double PASSED_OVER = 0.5;

    private static final int[] NONE = {};
    private static final int[] NO_LINGER = {0};

    private final Board board;
    private long steps;
    private long tried;

    Mover(Board board) {
        this.board = board;
    }

    /** Evenings looked at so far. */
    long steps() {
        return steps;
    }

    /** Moments so far asked for what is in their way. */
    long tried() {
        return tried;
    }

    /** The evenings of all, what there is to do in them, and how far from its place everything is. */
    double cost(List<Placing> all) {
        double cost = board.cost();
        for (Placing placing : all) {
            cost += order(placing);
        }
        return cost;
    }

    /** How far a batch is from its place in the order, or from what it is eaten with. */
    double order(Placing placing) {
        return order(placing, placing.counted());
    }

    private double order(Placing placing, int counted) {
        double weight = board.wishes().order() * placing.batch.place().weight();
        if (placing.partners.length == 0) {
            return weight * squared(counted - placing.ideal);
        }
        double order = 0;
        for (Placing[] partners : placing.partners) {
            order += squared(secondsTo(partners, counted + placing.offset, counted - placing.ideal));
        }
        return TIE_TIMES * weight * order / placing.partners.length;
    }

    private static double squared(int seconds) {
        double away = seconds / TEN_MINUTES;
        return away * away;
    }

    /** To the nearest that is on the board. */
    private static int secondsTo(Placing[] partners, int firstOut, int otherwise) {
        int nearest = Integer.MAX_VALUE;
        for (Placing partner : partners) {
            if (partner.isOnBoard) {
                nearest = Math.min(nearest, Math.abs(firstOut - partner.firstOut()));
            }
        }
        return nearest == Integer.MAX_VALUE ? otherwise : nearest;
    }

    /** The best moment so far. */
    private static final class Best {
        private int counted;
        private int linger;
        private double cost;

        private Best(int counted, int linger, double cost) {
            this.counted = counted;
            this.linger = linger;
            this.cost = cost;
        }
    }

    /** To the best free moment, of the whole evening on the coarse grid; false when that is where it is. */
    boolean move(Placing placing, int grid) {
        Patience.check();
        board.forgetCues(placing);
        MealsWithout rests = board.without(placing);
        int before = placing.counted();
        int lingered = placing.linger;
        double now = rests.cost(order(placing), before, Double.MAX_VALUE) + lingering(placing, before, lingered);
        Best best = new Best(before, lingered, now - GAIN - placing.inertia);
        int[] visits = visits(placing);
        int[] span = grid == COARSE ? span(placing) : around(before, span(placing));
        for (int counted : moments(placing, visits, span[0], span[1], grid)) {
            look(placing, rests, visits, counted, best);
        }
        steps += rests.looked();
        boolean isMoved = best.counted != before || best.linger != lingered;
        if (isMoved) {
            board.move(placing, best.counted - best.linger, best.linger);
        }
        board.countCues(placing);
        return isMoved;
    }

    /** Puts a batch that was taken off the board to a good free moment, chance passing over many; false if none is found. */
    boolean putBack(Placing placing, RandomGenerator random) {
        Patience.check();
        MealsWithout rests = board.without(placing);
        int[] visits = visits(placing);
        int[] span = span(placing);
        Best best = new Best(0, 0, Double.MAX_VALUE);
        for (int counted : fromItsPlace(moments(placing, visits, span[0], span[1], COARSE), placing.ideal)) {
            if (random.nextDouble() >= PASSED_OVER) {
                look(placing, rests, visits, counted, best);
            }
        }
        boolean isFound = best.cost < Double.MAX_VALUE;
        if (isFound) {
            int[] near = around(best.counted, span);
            for (int counted : moments(placing, visits, near[0], near[1], FINE)) {
                look(placing, rests, visits, counted, best);
            }
            board.put(placing, best.counted - best.linger, best.linger);
        }
        steps += rests.looked();
        return isFound;
    }

    /** Takes a moment for the best where it is free and costs less. */
    private void look(Placing placing, MealsWithout rests, int[] visits, int counted, Best best) {
        double cost = rests.cost(order(placing, counted), counted, best.cost);
        if (cost >= best.cost) {
            return;
        }
        for (int linger : lingers(placing, visits, counted)) {
            double whole = cost + lingering(placing, counted, linger);
            if (whole >= best.cost) {
                continue;
            }
            tried++;
            if (board.breach(placing, counted - linger, linger) == null) {
                best.counted = counted;
                best.linger = linger;
                best.cost = whole;
            }
        }
    }

    /** The first and the last moment at which it may be. */
    private int[] span(Placing placing) {
        int first = Batch.roundUp(board.soonest(placing));
        int last = board.latest(placing);
        int sooner = Math.max(first, Batch.roundUp(placing.ideal - STRICTLY));
        int later = Math.min(last, placing.ideal + STRICTLY);
        boolean isStrict = placing.batch.place().isStrict() && placing.partners.length == 0 && sooner <= later;
        return isStrict ? new int[] {sooner, later} : new int[] {first, last};
    }

    private static int[] around(int counted, int[] span) {
        return new int[] {
            Math.max(span[0], counted - STEPS_AROUND * FINE), Math.min(span[1], counted + STEPS_AROUND * FINE)
        };
    }

    private int[] visits(Placing placing) {
        return placing.shared ? board.visits(placing) : NONE;
    }

    /** What there is to do at that time, and that it grows softer. */
    private double lingering(Placing placing, int counted, int linger) {
        double softer = linger == 0 ? 0 : SOFTER_WEIGHT * linger / placing.mostLinger;
        return softer + board.cueCost(placing, counted - linger, linger);
    }

    /** On the grid, and where it would go in or come out while somebody is at the pot anyway; each once. */
    private static int[] moments(Placing placing, int[] visits, int first, int last, int grid) {
        if (last < first) {
            return NONE;
        }
        int even = (last - first) / grid + 1;
        int[] moments = new int[even + 2 * visits.length];
        BitSet taken = new BitSet();
        for (int i = 0; i < even; i++) {
            moments[i] = first + i * grid;
            taken.set(i * grid / TablePlanner.GRID_SECONDS);
        }
        int count = even;
        for (int i = 0; i < 2 * visits.length; i++) {
            int moment = visits[i / 2] - i % 2 * onGrid(placing.duration);
            if (first <= moment && moment <= last && !taken.get((moment - first) / TablePlanner.GRID_SECONDS)) {
                moments[count++] = moment;
                taken.set((moment - first) / TablePlanner.GRID_SECONDS);
            }
        }
        return Arrays.copyOf(moments, count);
    }

    private static int onGrid(int second) {
        return Math.floorDiv(second, TablePlanner.GRID_SECONDS) * TablePlanner.GRID_SECONDS;
    }

    /** Those first that are nearest to its place in the order: most others cost too much before they are reckoned to the end. */
    private static int[] fromItsPlace(int[] moments, int place) {
        long[] keyed = new long[moments.length];
        for (int i = 0; i < moments.length; i++) {
            keyed[i] = (long) Math.abs(moments[i] - place) << Integer.SIZE | i;
        }
        Arrays.sort(keyed);
        int[] sorted = new int[moments.length];
        for (int i = 0; i < moments.length; i++) {
            sorted[i] = moments[(int) keyed[i]];
        }
        return sorted;
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

    /** What would be worse if a batch came so much later, or sooner where negative [s]; empty where nothing would. */
    String against(Placing placing, int shift) {
        int putIn = placing.putIn + shift;
        Constraint.Breach breach = board.breach(placing, putIn, placing.linger);
        if (breach != null) {
            return breach.text();
        }
        board.forgetCues(placing);
        double busier =
                board.cueCost(placing, putIn, placing.linger) - board.cueCost(placing, placing.putIn, placing.linger);
        board.countCues(placing);
        double waits = board.without(placing).worse(placing.counted() + shift, placing.counted());
        double place = order(placing, placing.counted() + shift) - order(placing);
        double worst = Math.max(waits, Math.max(place, busier));
        if (worst <= GAIN) {
            return "";
        }
        if (worst == waits) {
            return "its eaters would wait longer or eat less evenly";
        }
        return worst == place ? "out of its course" : "too much to do at once";
    }
}
