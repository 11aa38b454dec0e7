package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * What a shop gives on top of its prices. It is used only where the real cost falls.
 *
 * @param offer the offer it is about: bought n for m, or given free
 * @param take how many packs make one bundle; null for a spend threshold
 * @param pay how many packs of a bundle are paid; null for a spend threshold
 * @param spendCents bill of the shop from which one pack of the offer is free [cents]; null for n for m
 */
public record Deal(
        String id,
        String offer,
        @Nullable Integer take,
        @Nullable Integer pay,
        @Nullable Integer spendCents) {
    private static final int MOST_TAKEN = 12;
    private static final int MOST_CENTS = 1_000_000;

    public Deal {
        Check.id(id, "id");
        Check.id(offer, "offer");
        if (take != null && pay != null && spendCents == null) {
            Check.range(take, "take", 2, MOST_TAKEN);
            Check.range(pay, "pay", 1, take - 1);
        } else if (take == null && pay == null && spendCents != null) {
            Check.range(spendCents, "spendCents", 1, MOST_CENTS);
        } else {
            throw new InvalidInputException(
                    "take", id, "either take and pay (n for m) or spendCents (a free pack from so much on)");
        }
    }

    public boolean isBundle() {
        return take != null;
    }
}
