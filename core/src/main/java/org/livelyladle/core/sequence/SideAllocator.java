package org.livelyladle.core.sequence;

import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.BiPredicate;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.sequence.Promises.Promise;

/**
 * Decides for whom each side is kept clean, and so which cuts may go into it and who may eat from it.
 *
 * <p>Starting from no {@link Promises}, each restricted guest gets the side that costs least; then promises are made and
 * taken back, by simulated annealing, in the end one by one while that lowers the cost. At most {@value #MOST_TRIES}
 * changes and {@value #MOST_PASSES} passes; deterministic.
 */
final class SideAllocator {
    private static final int MOST_PASSES = 6;
    /** Changes tried for each promise there could be, and in all. */
    private static final int TRIES_EACH = 100;

    private static final int MOST_TRIES = 3000;
    /** Guests times cuts looked at in all, so that a large party takes no longer than it may. */
    private static final int MOST_LOOKED_AT = 1_800_000;

    /** What costs so much more may stay, at first and in the end; memory. */
    private static final double HOT = 3000;

    private static final double COLD = 30;
    private static final double GAIN = 1e-9;
    private static final long SEED = 1;

    private final Promises promises;
    /** Of the promises as they stand. */
    private double costNow;

    SideAllocator(Promises promises) {
        this.promises = promises;
    }

    /** Whom the sides are open to and what may go in, as bits over {@code sides}. */
    record Allocation(List<Side> sides, Map<String, Integer> openToGuest, Map<String, Integer> allowedForCut) {
        boolean mayEatFrom(Guest guest, Side side) {
            return has(openToGuest.get(guest.id()), side);
        }

        boolean mayHold(Cut cut, Side side) {
            return has(allowedForCut.get(cut.id()), side);
        }

        /** Number of sides from which the guest could eat the cut. */
        int reach(Guest guest, Cut cut) {
            return Integer.bitCount(openToGuest.get(guest.id()) & allowedForCut.get(cut.id()));
        }

        private boolean has(int bits, Side side) {
            for (int s = 0; s < sides.size(); s++) {
                if (sides.get(s).id().equals(side.id())) {
                    return (bits >> s & 1) == 1;
                }
            }
            throw new IllegalArgumentException("No side '" + side.id() + "'");
        }
    }

    Allocation allocate() {
        for (int guest = 0; guest < promises.guests(); guest++) {
            promiseCheapest(guest);
        }
        costNow = promises.cost();
        anneal();
        boolean better = true;
        for (int pass = 0; better && pass < MOST_PASSES; pass++) {
            better = false;
            for (Promise promise : promises.possible()) {
                better |= flipIfCheaper(promise);
            }
        }
        return promises.allocated();
    }

    /**
     * Promises are made and taken back by chance, the same each time, what costs more the less often the later. Guests with
     * like needs do best with one side together, which no single promise leads to.
     */
    private void anneal() {
        List<Promise> possible = promises.possible();
        if (possible.size() < 2) {
            return;
        }
        SplittableRandom random = new SplittableRandom(SEED);
        int[] best = promises.copy();
        double least = costNow;
        int tries = Math.min(
                Math.min(MOST_TRIES, TRIES_EACH * possible.size()), MOST_LOOKED_AT / Math.max(1, promises.size()));
        for (int i = 0; i < tries; i++) {
            Patience.check();
            int[] before = promises.copy();
            change(possible, random);
            double cost = promises.cost();
            double warmth = HOT * StrictMath.pow(COLD / HOT, (double) i / tries);
            if (cost >= costNow - warmth * StrictMath.log(random.nextDouble())) {
                promises.restore(before);
                continue;
            }
            costNow = cost;
            if (cost < least - GAIN) {
                least = cost;
                best = promises.copy();
            }
        }
        promises.restore(best);
        costNow = least;
    }

    /** One promise made or taken back; with it another of the same guest, or the same of another guest. */
    private void change(List<Promise> possible, SplittableRandom random) {
        Promise promise = possible.get(random.nextInt(possible.size()));
        promises.flip(promise);
        Promise other = possible.get(random.nextInt(possible.size()));
        int kind = random.nextInt(3);
        boolean isSameGuest = other.guest() == promise.guest() && other.side() != promise.side();
        boolean isSameSide = other.side() == promise.side() && other.guest() != promise.guest();
        if (kind == 1 && isSameGuest || kind == 2 && isSameSide && promises.isMade(other) != promises.isMade(promise)) {
            promises.flip(other);
        }
    }

    private boolean flipIfCheaper(Promise promise) {
        Patience.check();
        promises.flip(promise);
        double cost = promises.cost();
        if (cost < costNow - GAIN) {
            costNow = cost;
            return true;
        }
        promises.flip(promise);
        return false;
    }

    /**
     * Keeps what was promised before as far as it still holds; who has lost all sides is promised the one
     * that costs least.
     *
     * @param open whether a guest could eat from a side before
     */
    Allocation allocateAsBefore(BiPredicate<Guest, Side> open) {
        int[] had = promises.whereEat(open);
        for (int guest = 0; guest < had.length; guest++) {
            promises.promise(guest, had[guest]);
        }
        for (int guest = 0; guest < had.length; guest++) {
            if (promises.of(guest) == 0 && had[guest] != 0) {
                promiseCheapest(guest);
            }
        }
        return promises.allocated();
    }

    private void promiseCheapest(int guest) {
        int best = 0;
        double bestCost = promises.cost();
        for (int side = 0; side < promises.sides(); side++) {
            promises.promise(guest, 1 << side);
            double cost = promises.of(guest) == 0 ? Double.MAX_VALUE : promises.cost();
            if (cost < bestCost) {
                bestCost = cost;
                best = promises.of(guest);
            }
        }
        promises.promise(guest, best);
    }
}
