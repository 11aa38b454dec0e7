package org.livelyladle.core.brief;

import java.time.LocalDate;
import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Usual;

/**
 * Prices as they were on a day.
 *
 * @param deals what shops offered on top; none when left out
 */
public record PriceSnapshot(
        LocalDate asOf,
        @Key("id") List<Offer> offers,
        @Key("id") @Usual("[]") List<Deal> deals) {
    public PriceSnapshot {
        Check.present(asOf, "asOf");
        offers = Check.distinct(offers, "offers", 1000, Offer::id);
        deals = Check.distinct(deals, "deals", 100, Deal::id);
    }
}
