package org.livelyladle.core.extras;

import java.util.List;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.measure.Figure;

/** What stands beside the pots. */
public record Extras(List<ExtraNeed> needs, List<Kept> keptFrom) {
    public Extras {
        needs = List.copyOf(needs);
        keptFrom = List.copyOf(keptFrom);
    }

    /**
     * One extra for everybody it suits.
     *
     * @param amount as poured or set out [ml or g]
     * @param grams by weight, for buying [g]
     * @param guests how many it is for
     */
    public record ExtraNeed(String ingredient, String name, Extra.Kind kind, Figure amount, Figure grams, int guests) {}

    /** An extra a guest does not get, and why. */
    public record Kept(String guest, String ingredient, String reason) {}
}
