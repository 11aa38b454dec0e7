package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.broths.SidePlan;
import org.livelyladle.core.broths.Sides;

/** In how many rounds a pot is cooked, and which of them hold a cut. All sides of a pot keep step. */
final class Rounds {
    /** From one round to the next [min]; memory. */
    private static final int MINUTES = 12;
    /** Rounds come no quicker than this [min]; memory. */
    private static final int QUICKEST_MINUTES = 8;
    /** A round fills at most this share of a side's free room. */
    private static final double ROOM_SHARE = 0.9;
    /** The first round comes after this part of the time of one; memory. */
    private static final double FIRST = 0.4;

    private final Brief brief;
    private final Sides plans;
    private final EatenShare tempo;
    /** By side. */
    private final Map<String, Integer> counts = new HashMap<>();

    Rounds(Brief brief, Sides plans) {
        this.brief = brief;
        this.plans = plans;
        this.tempo = EatenShare.of(brief.tempoOrUsual());
    }

    void count(Map<Dish, Map<Side, List<Demand>>> assigned) {
        Map<String, Double> ml = new HashMap<>();
        assigned.forEach((dish, bySide) -> bySide.forEach((side, demands) -> ml.merge(
                side.id(),
                demands.stream()
                        .mapToDouble(demand -> Batch.volumeMl(
                                demand.cut(), demand.grams() * demand.cut().swell()))
                        .sum(),
                Double::sum)));
        for (Pot pot : brief.pots()) {
            if (pot.wayOrUsual() == WayOfEating.ROUNDS) {
                int wanted = usual();
                for (Side side : pot.sides()) {
                    SidePlan plan = plans.side(side.id());
                    double most = ROOM_SHARE * plan.room().value();
                    wanted = Math.max(wanted, (int) Math.ceil(ml.getOrDefault(side.id(), 0.0) / most));
                }
                int count = Math.min(wanted, Math.max(1, brief.mealMinutes() / QUICKEST_MINUTES));
                pot.sides().forEach(side -> counts.put(side.id(), count));
            }
        }
    }

    /** The rounds a cut belongs to by its course; the nearest where it has a course between two. */
    List<OrderOfEating.Place> of(Dish dish, Side side, OrderOfEating order) {
        int count = counts.getOrDefault(side.id(), usual());
        List<OrderOfEating.Place> own = new ArrayList<>();
        double nearest = 1;
        for (int i = 0; i < count; i++) {
            nearest = Math.min(nearest, order.away(dish, eatenBy(i, count)));
        }
        for (int i = 0; i < count; i++) {
            if (order.away(dish, eatenBy(i, count)) <= nearest) {
                own.add(OrderOfEating.Place.inRound(eatenBy(i, count)));
            }
        }
        return own;
    }

    private int usual() {
        return Math.max(1, Math.round(brief.mealMinutes() / (float) MINUTES));
    }

    /** Rounds come evenly in time; what should be eaten by then. */
    private double eatenBy(int round, int count) {
        return tempo.eatenBy((round + FIRST) / count);
    }
}
