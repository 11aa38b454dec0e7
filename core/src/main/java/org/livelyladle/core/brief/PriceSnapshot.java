package org.livelyladle.core.brief;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * Prices as they were on a day.
 *
 * @param deals what shops offered on top; none when left out
 */
public record PriceSnapshot(
        LocalDate asOf, List<Offer> offers, @Nullable List<Deal> deals) {
    public PriceSnapshot {
        Check.present(asOf, "asOf");
        offers = Check.distinct(offers, "offers", 1000, Offer::id);
        deals = Check.distinct(deals, "deals", 100, Deal::id);
    }
}
