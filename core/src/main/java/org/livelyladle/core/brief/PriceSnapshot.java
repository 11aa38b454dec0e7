package org.livelyladle.core.brief;

import java.time.LocalDate;
import java.util.List;

/** Prices as they were on a day. */
public record PriceSnapshot(LocalDate asOf, List<Offer> offers) {
    public PriceSnapshot {
        Check.present(asOf, "asOf");
        offers = Check.distinct(offers, "offers", 1000, Offer::id);
    }
}
