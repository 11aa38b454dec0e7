package org.livelyladle.core.sequence;

import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Cut;

/**
 * What one guest is to get of one cut.
 *
 * @param pieces whole pieces; 0 for what is served by weight
 * @param grams as planned [g]
 */
record Demand(Guest guest, Dish dish, int pieces, double grams) {

    Cut cut() {
        return dish.cut();
    }

    /** With more of the same for the same guest. */
    Demand and(Demand more) {
        return new Demand(guest, dish, pieces + more.pieces, grams + more.grams);
    }
}
