package org.livelyladle.core.brief;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * A house sauce that stands on the table.
 *
 * @param perAdultMl what a regular eater gets of it [ml]; null for a part of the sauce shared among all there are
 * @param guests for whom it is; for everybody it suits when left out
 */
public record SauceChoice(
        String sauce,
        @Within(min = 0, max = 300) @Nullable Double perAdultMl,
        @Key({}) @Nullable List<String> guests) {
    private static final Ranges RANGES = Ranges.of(SauceChoice.class);

    public SauceChoice {
        Check.id(sauce, "sauce");
        RANGES.check("perAdultMl", perAdultMl);
        guests = guests == null ? null : Check.distinct(guests, "guests", Brief.MOST_GUESTS, guest -> guest);
    }

    /** For everybody it suits, a part of what there is. */
    public static SauceChoice of(String sauce) {
        return new SauceChoice(sauce, null, null);
    }

    /** True when the host means it for this guest. */
    public boolean isFor(Guest guest) {
        return guests == null || guests.contains(guest.id());
    }

    /** For whoever is there; who it was for is another matter at each party. */
    public SauceChoice forAnybody() {
        return new SauceChoice(sauce, perAdultMl, null);
    }
}
