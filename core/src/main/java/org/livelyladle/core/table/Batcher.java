package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.SidePlan;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.cooking.Windows;

/** Splits what goes into a side into drops the side can take, and says where in the meal each belongs. */
final class Batcher {
    /** Slices a guest dips in one go before something else comes; memory. */
    private static final int SLICES_PER_ROUND = 4;
    /** Portions of this size a head are worth two servings [g]; memory. */
    private static final double SECOND_HELPING_G = 60;
    /** A drop takes at most this share of the largest one, so that it finds a place between others; memory. */
    private static final double DROP_SHARE = 0.65;
    /** A drop fills at most this share of a side's free room, so that others fit beside it. */
    private static final double ROOM_SHARE = 0.6;

    private final Sides plans;
    private final Windows windows;
    private final OrderOfEating order;
    private final int mealSeconds;
    /** Cuts that go in from the freezer. */
    private final Set<String> frozen;

    Batcher(Sides plans, Windows windows, OrderOfEating order, int mealSeconds, Set<String> frozen) {
        this.mealSeconds = mealSeconds;
        this.frozen = frozen;
        this.plans = plans;
        this.windows = windows;
        this.order = order;
    }

    List<Batch> split(Cut cut, Side side, List<Demand> demands) {
        int count = cut.byHand()
                ? rounds(cut, plans.side(side.id()), demands)
                : batches(cut, plans.side(side.id()), demands);
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<Drop.Serving> servings = servings(demands, i, count);
            if (!servings.isEmpty()) {
                batches.add(batch(cut, side, batches.size() + 1, servings, order.wish(cut, i, count), demands));
            }
        }
        return batches;
    }

    private Batch batch(
            Cut cut, Side side, int number, List<Drop.Serving> servings, double wish, List<Demand> demands) {
        CookingWindow window = windows.of(cut.id(), side.id());
        List<Guest> eaters = demands.stream()
                .map(Demand::guest)
                .filter(guest -> servings.stream().anyMatch(s -> s.guest().equals(guest.id())))
                .toList();
        int earliest = eaters.stream()
                .mapToInt(guest -> guest.arrivesAfterMinutes() * 60)
                .max()
                .orElse(0);
        int latest = eaters.stream()
                .mapToInt(guest -> guest.leavesWithin(mealSeconds / 60) * 60)
                .min()
                .orElse(mealSeconds);
        return new Batch(
                cut,
                window.name(),
                side,
                side,
                number,
                servings,
                window,
                wish,
                earliest,
                latest,
                frozen.contains(cut.id()));
    }

    /** As many slices a round as the side takes one after another. */
    private int rounds(Cut cut, SidePlan side, List<Demand> demands) {
        int most = demands.stream().mapToInt(Demand::pieces).max().orElse(1);
        double each = cut.pieceGrams() == null ? 0 : cut.pieceGrams() * demands.size();
        double room = DROP_SHARE * side.dropLimit().value() - each;
        double stays = each - side.pace().value() / 60 * Batch.everySeconds(windows.of(cut.id(), side.side()));
        int slices = stays <= 0 ? SLICES_PER_ROUND : (int) Math.max(1, Math.min(SLICES_PER_ROUND, 1 + room / stays));
        return (most + slices - 1) / slices;
    }

    private int batches(Cut cut, SidePlan side, List<Demand> demands) {
        double grams = demands.stream().mapToDouble(Demand::grams).sum();
        double load = grams * cut.swell();
        double cold = frozen.contains(cut.id()) ? Placing.FROZEN_COUNTS : 1;
        double limit = Math.min(
                DROP_SHARE * side.dropLimit().value() / cold,
                ROOM_SHARE * side.room().value() * Batch.densityInPot(cut));
        if (cut.counted() && cut.pieceGrams() != null) {
            double piece = cut.pieceGrams() * cut.swell();
            limit = Math.max(piece, Math.floor(limit / piece) * piece);
        }
        int forRoom = (int) Math.ceil(load / limit - 1e-9);
        boolean generous = grams / demands.size() >= SECOND_HELPING_G && cut.shape() != Shape.LEAF;
        return Math.max(forRoom, generous || comeAndGo(demands) ? 2 : 1);
    }

    /** Some of them come late or leave early, others do not: one drop would not do for all. */
    private boolean comeAndGo(List<Demand> demands) {
        long late = demands.stream()
                .filter(demand -> demand.guest().arrivesAfterMinutes() > 0)
                .count();
        long early =
                demands.stream().filter(demand -> leavesEarly(demand.guest())).count();
        return late > 0 && late < demands.size() || early > 0 && early < demands.size();
    }

    private boolean leavesEarly(Guest guest) {
        return guest.leavesWithin(mealSeconds / 60) * 60 < mealSeconds;
    }

    /**
     * The i-th of n servings. Pieces are dealt round, starting with another guest each time so that a few pieces do not
     * all fall into the first drop; late guests are dealt into the later drops only, and those who leave early into the earlier ones.
     */
    private List<Drop.Serving> servings(List<Demand> demands, int index, int count) {
        List<Drop.Serving> servings = new ArrayList<>();
        List<Demand> ordered = demands.stream()
                .sorted(Comparator.comparing(demand -> demand.guest().id()))
                .toList();
        for (int g = 0; g < ordered.size(); g++) {
            Demand demand = ordered.get(g);
            int first = demand.guest().arrivesAfterMinutes() > 0 ? Math.min(count / 2, count - 1) : 0;
            int end = leavesEarly(demand.guest()) ? Math.max(first + 1, (count + 1) / 2) : count;
            if (index < first || index >= end) {
                continue;
            }
            int turns = end - first;
            if (demand.pieces() == 0) {
                servings.add(new Drop.Serving(demand.guest().id(), demand.grams() / turns, 0));
                continue;
            }
            int turn = Math.floorMod(index - first + g, turns);
            int pieces = demand.pieces() / turns + (turn < demand.pieces() % turns ? 1 : 0);
            if (pieces > 0) {
                double each = demand.grams() / demand.pieces();
                servings.add(new Drop.Serving(demand.guest().id(), pieces * each, pieces));
            }
        }
        return servings;
    }
}
