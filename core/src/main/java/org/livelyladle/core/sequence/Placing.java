package org.livelyladle.core.sequence;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.table.Stay;

/** A batch with its time while the sequence is being made; the batch's sizes are kept beside it for speed. */
final class Placing {
    /** Frozen food draws some 585 J/g to the floor, chilled 280. */
    static final double FROZEN_COUNTS = 2.1;

    private static final Comparator<Placing> BY_NAME = Comparator.comparing(
                    (Placing placing) -> placing.batch.cut().id())
            .thenComparing(placing -> placing.batch.side().id())
            .thenComparing(placing -> placing.batch.number())
            .thenComparing(placing -> placing.batch.servings().get(0).guest());
    /** By the moment that the order of eating wants. */
    static final Comparator<Placing> IN_ORDER =
            Comparator.comparingInt((Placing placing) -> placing.ideal).thenComparing(BY_NAME);
    /** By the moment they go in. */
    static final Comparator<Placing> IN_TIME =
            Comparator.comparingInt((Placing placing) -> placing.putIn).thenComparing(BY_NAME);

    Batch batch;
    /** What cools the side, as food from the fridge; of dipped slices one each [g]. */
    final double coldGrams;

    final double volumeMl;
    /** From putting in to taking out the last [s], and the first, where it does not linger. */
    final int duration;

    final int offset;
    /** How much longer than that it may be in the broth [s]. */
    final int mostLinger;
    /** Dips of a turn, and the time between them [s]. */
    final int repeats;

    final int every;
    /** Its eater dips it, or browns it on a plate and then looks after it in the broth. */
    final boolean byHand;
    /** On a plate before it goes into the broth [s]. */
    final int before;
    /** It takes: none what is held, and what is loose in the broth and lifted out with a round. */
    final int baskets;

    final boolean needsTheFloor;
    /** Somebody looks after it for others. */
    final boolean shared;
    /** Whether its eaters take it out, each in their own time. */
    final boolean fished;
    /** Where the school of order would put it in [s from sitting down]. */
    final int ideal;
    /** The host decided its time. */
    final boolean fixed;
    /** Places of its eaters among the guests. */
    final int[] eaters;
    /** For each eater the bites: from putting in [s] where it does not linger, in order of time, and how much [g]. */
    final int[][] biteAt;

    final double[][] biteGrams;
    /** What must be gained by a move for it to be moved at all. */
    double inertia;
    /** [s from sitting down] */
    int putIn;
    /** It is in the broth so much longer than it must be [s]. */
    int linger;

    boolean isOnBoard;
    /** For each eater what it is eaten with; none where it is eaten by itself. */
    Placing[][] partners = {};
    /** Its side on the board that made it. */
    Board.@Nullable Spot spot;
    /** What its eaters' evenings were like when no better moment was found for it. */
    long contentAt = -1;

    /** @param guestPlaces places of the guests by id */
    Placing(Batch batch, int ideal, boolean fixed, Map<String, Integer> guestPlaces) {
        this(batch, ideal, fixed, batch.offset(), batch.duration(), batch.mostLinger(), batch.repeats(), guestPlaces);
        for (int i = 0; i < eaters.length; i++) {
            Stay.Serving serving = batch.servings().get(i);
            biteAt[i] = batch.biteOffsets(serving);
            biteGrams[i] = new double[biteAt[i].length];
            Arrays.fill(biteGrams[i], serving.grams() / biteAt[i].length);
        }
    }

    /** What went in together, as it happened. */
    static Placing begun(Batch batch, List<Stay> stays, Map<String, Integer> guestPlaces) {
        int putIn = stays.stream().mapToInt(Stay::putIn).min().orElseThrow();
        int first = stays.stream().mapToInt(Stay::takeOut).min().orElseThrow();
        int last = stays.stream().mapToInt(Stay::takeOut).max().orElseThrow();
        Placing placing = new Placing(batch, putIn, true, first - putIn, last - putIn, 0, 1, guestPlaces);
        for (int i = 0; i < placing.eaters.length; i++) {
            String guest = batch.servings().get(i).guest();
            List<Stay> own = stays.stream()
                    .filter(stay -> stay.servings().stream()
                            .anyMatch(serving -> serving.guest().equals(guest)))
                    .sorted(Comparator.comparingInt(Stay::takeOut))
                    .toList();
            placing.biteAt[i] =
                    own.stream().mapToInt(stay -> stay.takeOut() - putIn).toArray();
            placing.biteGrams[i] =
                    own.stream().mapToDouble(stay -> stay.gramsOf(guest)).toArray();
        }
        return placing;
    }

    private Placing(
            Batch batch,
            int ideal,
            boolean fixed,
            int offset,
            int duration,
            int mostLinger,
            int repeats,
            Map<String, Integer> guestPlaces) {
        this.batch = batch;
        double load = batch.grams() / repeats * batch.cut().swell();
        this.coldGrams = load * (batch.dish().startsFrozen() ? FROZEN_COUNTS : 1);
        this.volumeMl = Batch.volumeMl(batch.cut(), load);
        this.duration = duration;
        this.offset = offset;
        this.mostLinger = mostLinger;
        this.repeats = repeats;
        this.every = repeats > 1 ? batch.everySeconds() : 0;
        this.byHand = batch.byHand() || batch.dish().brownsFor() > 0;
        this.before = batch.dish().brownsFor();
        this.baskets = byHand || batch.dish().lifted() ? 0 : 1;
        this.needsTheFloor = batch.cut().needsTheFloor();
        this.shared = batch.dish().shared();
        this.fished = Batch.isFished(batch.dish(), batch.window());
        this.ideal = ideal;
        this.fixed = fixed;
        this.putIn = ideal;
        this.eaters = batch.servings().stream()
                .mapToInt(serving -> guestPlaces.get(serving.guest()))
                .toArray();
        this.biteAt = new int[eaters.length][];
        this.biteGrams = new double[eaters.length][];
    }

    /** Into whose side it goes. */
    String pot() {
        return Objects.requireNonNull(spot).pot();
    }

    boolean feeds(int eater) {
        for (int own : eaters) {
            if (own == eater) {
                return true;
            }
        }
        return false;
    }

    boolean sharesEaters(Placing other) {
        for (int eater : other.eaters) {
            if (feeds(eater)) {
                return true;
            }
        }
        return false;
    }

    boolean overlaps(int from, int to) {
        return putIn - before < to && from < lastOut();
    }

    /** When it would have gone in if it did not linger: bites count from here [s from sitting down]. */
    int counted() {
        return putIn + linger;
    }

    int firstOut() {
        return counted() + offset;
    }

    int lastOut() {
        return counted() + duration;
    }
}
