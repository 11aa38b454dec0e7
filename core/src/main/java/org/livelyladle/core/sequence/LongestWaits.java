package org.livelyladle.core.sequence;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiConsumer;
import org.livelyladle.core.brief.Emphasis;

/**
 * Shortens the waits of whoever waits longest: the evening of that guest counts for more, all settles once more, and what
 * came of it stays where waits are shorter for it in all. One guest after the other.
 */
final class LongestWaits {
    /** Up to this a wait is none, by what is wanted above all [s]; memory. */
    private static final Map<Emphasis, Double> ENOUGH_S =
            Map.of(Emphasis.CALM, 240.0, Emphasis.BALANCED, 240.0, Emphasis.QUICK, 120.0);

    private static final int MOST_TRIES = 12;
    /** An evening counts so many times as much, and where that does not help, so many times; memory. */
    private static final double[] COUNTS = {30, 10};

    private final Board board;
    private final List<Placing> free;
    private final double enough;

    /** @param free what may be moved */
    LongestWaits(Board board, List<Placing> free) {
        this.board = board;
        this.enough = Objects.requireNonNull(ENOUGH_S.get(board.emphasis()));
        this.free = free;
    }

    /** @param settle moves to better moments: first what one guest eats, then all */
    void shorten(BiConsumer<List<Placing>, List<Placing>> settle) {
        List<Meal> meals = board.meals();
        Map<Meal, Integer> failed = new IdentityHashMap<>();
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            Meal worst = null;
            for (Meal meal : meals) {
                double wait = meal.longestWait();
                boolean isWorse = wait > (worst == null ? enough : worst.longestWait());
                worst = isWorse && failed.getOrDefault(meal, 0) < COUNTS.length ? meal : worst;
            }
            if (worst == null) {
                return;
            }
            Meal longest = worst;
            double before = sum(meals);
            Arrangement was = new Arrangement(board, free);
            double times = COUNTS[failed.getOrDefault(longest, 0)];
            longest.weigh(times);
            settle.accept(
                    free.stream()
                            .filter(placing -> board.isEaten(placing, longest))
                            .toList(),
                    free);
            if (sum(meals) >= before) {
                longest.weigh(1 / times);
                was.restore();
                failed.merge(longest, 1, Integer::sum);
            }
        }
    }

    /** The longest waits of all, the worst of them above all. */
    private double sum(List<Meal> meals) {
        return meals.stream()
                .mapToDouble(meal -> Math.pow(meal.longestWait() / enough, 6))
                .sum();
    }
}
