package org.livelyladle.core.sequence;

import java.util.Map;

/** A batch with its time while the sequence is being made; the batch's sizes are kept beside it for speed. */
final class Placing {
    /** Frozen food draws some 585 J/g to the floor, chilled 280. */
    static final double FROZEN_COUNTS = 2.1;

    final Batch batch;
    /** What cools the side, as food from the fridge; of dipped slices one each [g]. */
    final double coldGrams;

    final double volumeMl;
    final int duration;
    /** From putting in to taking out, of dips the first [s]. */
    final int offset;
    /** Dips of a batch by hand, and the time between them [s]. */
    final int repeats;

    final int every;
    final boolean byHand;
    /** Where the school of order would put it in [s from sitting down]. */
    final int ideal;
    /** The host decided its time. */
    final boolean fixed;
    /** Places of its eaters among the guests, and how often each bites: dipped slices one by one, anything else once. */
    final int[] eaters;

    final int[] bites;
    /** [s from sitting down] */
    int putIn;

    /** @param guestPlaces places of the guests by id */
    Placing(Batch batch, int ideal, boolean fixed, Map<String, Integer> guestPlaces) {
        this.batch = batch;
        this.coldGrams = batch.loadGrams() * (batch.startsFrozen() ? FROZEN_COUNTS : 1);
        this.volumeMl = batch.volumeMl();
        this.duration = batch.duration();
        this.offset = batch.offset();
        this.repeats = batch.repeats();
        this.every = batch.everySeconds();
        this.byHand = batch.byHand();
        this.ideal = ideal;
        this.fixed = fixed;
        this.putIn = ideal;
        this.eaters = batch.servings().stream()
                .mapToInt(serving -> guestPlaces.get(serving.guest()))
                .toArray();
        this.bites = batch.servings().stream()
                .mapToInt(serving -> byHand ? serving.pieces() : 1)
                .toArray();
    }

    boolean overlaps(int from, int to) {
        return putIn < to && from < putIn + duration;
    }
}
