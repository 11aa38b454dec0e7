package org.livelyladle.core.table;

import java.util.HashMap;
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
    /** Dips of a batch by hand, and the time between them [s]. */
    final int repeats;

    final int every;
    final boolean byHand;
    /** Where the school of order would put it in [s from sitting down]. */
    final int ideal;
    /** The host decided its time. */
    final boolean fixed;

    private final Map<String, Integer> bites = new HashMap<>();
    /** [s from sitting down] */
    int putIn;

    Placing(Batch batch, int ideal, boolean fixed) {
        this.batch = batch;
        this.coldGrams = batch.loadGrams() * (batch.startsFrozen() ? FROZEN_COUNTS : 1);
        this.volumeMl = batch.volumeMl();
        this.duration = batch.duration();
        this.repeats = batch.repeats();
        this.every = batch.everySeconds();
        this.byHand = batch.byHand();
        this.ideal = ideal;
        this.fixed = fixed;
        this.putIn = ideal;
        batch.servings().forEach(serving -> bites.put(serving.guest(), byHand ? serving.pieces() : 1));
    }

    boolean overlaps(int from, int to) {
        return putIn < to && from < putIn + duration;
    }

    /** How often the guest bites: dipped slices one by one, anything else once. */
    int pieces(String guest) {
        return bites.getOrDefault(guest, 0);
    }
}
