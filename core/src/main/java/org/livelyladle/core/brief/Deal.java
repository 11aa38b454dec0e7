package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

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
        @Within(min = 2, max = 12) @Nullable Integer take,
        @Nullable Integer pay,
        @Within(min = 1, max = 1000000) @Nullable Integer spendCents) {
    private static final Ranges RANGES = Ranges.of(Deal.class);

    public Deal {
        Check.id(id, "id");
        Check.id(offer, "offer");
        if (take != null && pay != null && spendCents == null) {
            RANGES.check("take", take);
            Check.range(pay, "pay", 1, take - 1);
        } else if (take == null && pay == null && spendCents != null) {
            RANGES.check("spendCents", spendCents);
        } else {
            throw new InvalidInputException(
                    "take", id, "either take and pay (n for m) or spendCents (a free pack from so much on)");
        }
    }

    public boolean isBundle() {
        return take != null;
    }
}
