package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.sides.Sides;

/** In how many rounds a pot is cooked, and which of them hold a cut. All sides of a pot keep step. */
final class Rounds {
    /** From one round to the next [min]; memory. */
    private static final int MINUTES = 12;
    /** Rounds come no quicker than this [min]; memory. */
    private static final int QUICKEST_MINUTES = 6;
    /** A round fills at most this share of a side's free room. */
    private static final double ROOM_SHARE = 0.9;
    /** The first round comes after this part of the time of one; memory. */
    private static final double FIRST = 0.4;

    private final Brief brief;
    private final Sides plans;
    private final EatenShare tempo;
    /** By side. */
    private final Map<String, Integer> counts = new HashMap<>();

    private record InSide(String cut, String side) {}

    /** Every second dish of a side: they count rounds from behind, or all would leave out the same. */
    private final Set<InSide> fromBehind = new HashSet<>();

    Rounds(Brief brief, Sides plans) {
        this.brief = brief;
        this.plans = plans;
        this.tempo = EatenShare.of(brief.tempo());
    }

    /**
     * As many as the time has room for, and at least as many as the fullest side needs to take its food without being
     * full or cooling too far.
     *
     * @param mostGrams of a dish that go into a side at once, as it is in the broth [g]
     */
    void count(
            Map<Dish, Map<Side, List<Demand>>> assigned,
            OrderOfEating order,
            ToDoubleBiFunction<Dish, Side> mostGrams) {
        Map<String, Double> ml = new HashMap<>();
        Map<String, Double> needed = new HashMap<>();
        assigned.forEach((dish, bySide) -> bySide.forEach((side, demands) -> {
            double grams = inBroth(dish, demands);
            ml.merge(side.id(), Batch.volumeMl(dish.cut(), grams), Double::sum);
            needed.merge(side.id(), grams / mostGrams.applyAsDouble(dish, side), Math::max);
        }));
        alternate(assigned, order);
        for (Pot pot : brief.pots()) {
            if (pot.wayOrUsual() == WayOfEating.ROUNDS) {
                double wanted = usual();
                for (Side side : pot.sides()) {
                    double room = ROOM_SHARE * plans.side(side.id()).room().value();
                    wanted = Math.max(wanted, ml.getOrDefault(side.id(), 0.0) / room);
                    wanted = Math.max(wanted, needed.getOrDefault(side.id(), 0.0));
                }
                int count = Math.min((int) Math.ceil(wanted), Math.max(1, brief.mealMinutes() / QUICKEST_MINUTES));
                pot.sides().forEach(side -> counts.put(side.id(), count));
            }
        }
    }

    private void alternate(Map<Dish, Map<Side, List<Demand>>> assigned, OrderOfEating order) {
        Map<String, Integer> dishes = new HashMap<>();
        assigned.keySet().stream()
                .sorted(Comparator.comparingDouble(
                                (Dish dish) -> order.place(dish, 0, 1).share())
                        .thenComparing(dish -> dish.cut().id()))
                .forEach(dish -> assigned.get(dish).keySet().forEach(side -> {
                    if (dishes.merge(side.id(), 1, Integer::sum) % 2 == 0) {
                        fromBehind.add(new InSide(dish.cut().id(), side.id()));
                    }
                }));
    }

    private static double inBroth(Dish dish, List<Demand> demands) {
        return demands.stream().mapToDouble(Demand::grams).sum() * dish.cut().swell();
    }

    /**
     * The rounds a cut belongs to by its course, the nearest to it where they are too few.
     *
     * @param least rounds in which a side can take all of it
     * @param most rounds among which it can be shared out
     */
    List<OrderOfEating.Place> of(Dish dish, Side side, OrderOfEating order, int least, int most) {
        int count = counts.getOrDefault(side.id(), usual());
        double[] away = IntStream.range(0, count)
                .mapToDouble(i -> order.away(dish, eatenBy(i, count)))
                .toArray();
        double[] sorted = away.clone();
        Arrays.sort(sorted);
        double reach = sorted[Math.min(least, count) - 1];
        List<OrderOfEating.Place> own = IntStream.range(0, count)
                .filter(i -> away[i] <= reach)
                .mapToObj(i -> OrderOfEating.Place.inRound(eatenBy(i, count)))
                .toList();
        int chosen = Math.min(most, own.size());
        return IntStream.range(0, chosen)
                .map(i -> (2 * i + 1) * own.size() / (2 * chosen))
                .map(i -> fromBehind.contains(new InSide(dish.cut().id(), side.id())) ? own.size() - 1 - i : i)
                .sorted()
                .mapToObj(own::get)
                .toList();
    }

    private int usual() {
        return Math.max(1, Math.round(brief.mealMinutes() / (float) MINUTES));
    }

    /** Rounds come evenly in time; what should be eaten by then. */
    private double eatenBy(int round, int count) {
        return tempo.eatenBy((round + FIRST) / count);
    }
}
