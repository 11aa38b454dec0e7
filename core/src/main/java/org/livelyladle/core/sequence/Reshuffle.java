package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.sequence.Rebatching.Change;

/**
 * A large neighbourhood search with annealing: again and again a few batches that are in each other's way are taken off
 * the board and put back to good moments one after the other; what comes of it stays where it is better, or for a while
 * little worse. From time to time the evening of whoever waits longest counts for more. Chance is the same each time.
 *
 * <p>P. Shaw, Using constraint programming and local search methods to solve vehicle routing problems, 1998; taken off as
 * in J. Christiaens and G. Vanden Berghe, Slack induction by string removals for vehicle routing problems, 2020.
 */
final class Reshuffle {
    private static final long SEED = 5;
    /** Reshuffles for each batch there is. */
    private static final int FOR_EACH = 8;
    /** Evenings looked at at most. */
    private static final double MOST_STEPS = 5_000_000;

    /** Batches taken off at a time, at most. */
    private static final int MOST_TAKEN = 6;
    /** What is worse by so much may stay, at first and in the end; memory. */
    private static final double HOT = 2;

    private static final double COLD = 0.02;

    /** Up to this a wait is none, by what is wanted above all [s]; memory. */
    private static final Map<Emphasis, Double> ENOUGH_S =
            Map.of(Emphasis.CALM, 225.0, Emphasis.BALANCED, 225.0, Emphasis.QUICK, 120.0);

    /** Whoever waits longest counts so many times as much, so often over the search, and not beyond a limit; memory. */
    private static final double COUNTS = 4;

    private static final int WEIGHINGS = 10;
    private static final double MOST_COUNTS = 64;

    /** So often it is tried to put the same food in otherwise: one time in so many. */
    private static final int OTHERWISE_ONE_IN = 4;
    /** What each drop that somebody looks after counts, where an action counts 2.4; memory. */
    private static final double EACH_DROP = 1;

    private final Board board;
    private final Mover mover;
    private final List<Placing> free;
    private final List<Meal> meals;
    private final double enough;
    private final SplittableRandom random = new SplittableRandom(SEED);
    private final Rebatching rebatching;

    private double now;
    private double least;
    private Arrangement best;
    /** What is nearest to all aims, whatever counted for how much when it was found; and how far it is from them. */
    private Arrangement champion;

    private double missed = Double.MAX_VALUE;

    /** @param free what may be moved; in the end what is on the board of it */
    Reshuffle(Board board, Mover mover, Rebatcher rebatcher, List<Placing> free) {
        this.board = board;
        this.mover = mover;
        this.free = free;
        this.rebatching = new Rebatching(board, rebatcher, free, random);
        this.meals = board.meals();
        this.enough = Objects.requireNonNull(ENOUGH_S.get(board.emphasis()));
        this.best = new Arrangement(board, free);
        this.champion = best;
    }

    /** @param share of what may be looked at [1] */
    void run(double share) {
        if (free.size() < 2) {
            return;
        }
        start();
        int times = FOR_EACH * free.size();
        double mostSteps = share * MOST_STEPS;
        long before = mover.steps();
        int weighings = 0;
        double done = 0;
        for (int i = 1; done < 1; i++) {
            if (done * WEIGHINGS >= weighings + 1) {
                weighings++;
                weighTheLongestWait();
                board.wishes().heed(Judgement.of(board, free), board.aims());
                again();
            }
            double warmth = HOT * StrictMath.pow(COLD / HOT, done);
            reshuffle(now - warmth * StrictMath.log(random.nextDouble()));
            done = Math.max(i / (double) times, (mover.steps() - before) / mostSteps);
        }
        backTo(champion);
    }

    /** What is best is counted from here. */
    private void start() {
        now = cost();
        keep();
    }

    /** Costs are others now: what is best is the better of what was and what is. */
    private void again() {
        Arrangement was = best;
        start();
        Arrangement is = best;
        backTo(was);
        double cost = cost();
        if (cost < least) {
            now = cost;
            least = cost;
            best = was;
        } else {
            backTo(is);
        }
    }

    /** It is the best so far by what it costs, and may be by what it is judged by in the end. */
    private void keep() {
        least = now;
        best = new Arrangement(board, free);
        double own = Judgement.of(board, free).missed();
        if (own <= missed) {
            missed = own;
            champion = best;
        }
    }

    private void weighTheLongestWait() {
        Meal longest = null;
        double wait = enough;
        for (Meal meal : meals) {
            double own = meal.longestWait().seconds();
            if (own > wait && meal.weight() < MOST_COUNTS) {
                longest = meal;
                wait = own;
            }
        }
        if (longest != null) {
            longest.weigh(COUNTS);
        }
    }

    private double cost() {
        double cost = mover.cost(free);
        for (Placing placing : free) {
            cost += placing.shared ? EACH_DROP : 0;
        }
        return cost;
    }

    /** Takes some off and puts them back, or the same food otherwise; what costs as much as a limit is undone. */
    private void reshuffle(double limit) {
        Change change = random.nextInt(OTHERWISE_ONE_IN) == 0 ? rebatching.next() : Change.NONE;
        List<Placing> off = change.off();
        List<Placing> others = off.isEmpty() ? some() : near(off.get(0), 1 + random.nextInt(MOST_TAKEN - 1));
        List<Placing> stay = without(others, off);
        List<Placing> taken = new ArrayList<>(off);
        taken.addAll(stay);
        Arrangement before = new Arrangement(board, taken);
        taken.forEach(board::take);
        make(change);
        List<Placing> back = new ArrayList<>(change.on());
        back.addAll(stay);
        boolean isBack = shuffled(back).stream().allMatch(placing -> mover.putBack(placing, random));
        double cost = isBack ? cost() : Double.MAX_VALUE;
        if (cost >= limit) {
            change.on().stream().filter(placing -> placing.isOnBoard).forEach(board::take);
            make(change.back());
            before.restore();
            return;
        }
        now = cost;
        if (cost < least - Mover.GAIN) {
            keep();
        }
    }

    private void backTo(Arrangement arrangement) {
        Change change = new Change(without(free, arrangement.placings()), without(arrangement.placings(), free));
        change.off().forEach(board::take);
        make(change);
        arrangement.restore();
    }

    /** What goes off is off the board already; what goes on instead has no place yet. */
    private void make(Change change) {
        change.off().forEach(board::forget);
        free.removeAll(change.off());
        change.on().forEach(board::expect);
        free.addAll(change.on());
    }

    private static List<Placing> without(List<Placing> all, List<Placing> some) {
        List<Placing> rest = new ArrayList<>(all);
        rest.removeAll(some);
        return rest;
    }

    /** What is taken off together. */
    private List<Placing> some() {
        int count = 2 + random.nextInt(MOST_TAKEN - 1);
        return switch (random.nextInt(3)) {
            case 0 -> aroundAWait(count);
            case 1 -> near(anyOne(), count);
            default -> inTheWay(count);
        };
    }

    private Placing anyOne() {
        return free.get(random.nextInt(free.size()));
    }

    /** Something that is eaten next to a long wait, and what is near to it. */
    private List<Placing> aroundAWait(int count) {
        Meal meal = oneOf(meals, Meal::cost);
        Meal.Wait wait = meal.longestWait();
        int middle = (int) (wait.from() + wait.until()) / 2;
        List<Placing> own =
                free.stream().filter(placing -> board.isEaten(placing, meal)).toList();
        List<Placing> next = nearest(own, Placing::firstOut, middle, 1);
        return near(next.isEmpty() ? anyOne() : next.get(0), count);
    }

    /** Something far from its place in the order, and what is in its side at that time. */
    private List<Placing> inTheWay(int count) {
        Placing misplaced = oneOf(free, mover::order);
        List<Placing> others = free.stream()
                .filter(other -> other != misplaced && other.batch.side() == misplaced.batch.side())
                .toList();
        List<Placing> taken = new ArrayList<>(List.of(misplaced));
        taken.addAll(nearest(others, other -> other.putIn, misplaced.ideal, count - 1));
        return taken;
    }

    /** One of some that costs more than a few others drawn by chance. */
    private <T> T oneOf(List<T> all, ToDoubleFunction<T> cost) {
        T most = all.get(random.nextInt(all.size()));
        for (int i = 0; i < 2; i++) {
            T other = all.get(random.nextInt(all.size()));
            most = cost.applyAsDouble(other) > cost.applyAsDouble(most) ? other : most;
        }
        return most;
    }

    /** With others that are eaten about then: in the same side, or by the same people, or any. */
    private List<Placing> near(Placing first, int count) {
        int kind = random.nextInt(3);
        List<Placing> others = free.stream()
                .filter(other -> other != first)
                .filter(other -> switch (kind) {
                    case 0 -> other.batch.side() == first.batch.side();
                    case 1 -> other.sharesEaters(first);
                    default -> true;
                })
                .toList();
        List<Placing> taken = new ArrayList<>(List.of(first));
        taken.addAll(nearest(others, Placing::firstOut, first.firstOut(), count - 1));
        return taken;
    }

    /** The nearest to a moment, but for those that chance passes over. */
    private List<Placing> nearest(List<Placing> all, ToIntFunction<Placing> moment, int to, int count) {
        List<Placing> sorted = new ArrayList<>(all);
        sorted.sort(Comparator.comparingInt(placing -> Math.abs(moment.applyAsInt(placing) - to)));
        List<Placing> nearest = new ArrayList<>();
        for (int i = 0; i < sorted.size() && nearest.size() < count; i++) {
            if (random.nextBoolean()) {
                nearest.add(sorted.get(i));
            }
        }
        return nearest;
    }

    private List<Placing> shuffled(List<Placing> all) {
        for (int i = all.size() - 1; i > 0; i--) {
            Collections.swap(all, i, random.nextInt(i + 1));
        }
        return all;
    }
}
