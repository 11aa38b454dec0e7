package org.livelyladle.core.sequence;

import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.portions.Portion;
import org.livelyladle.core.table.Stay;

/**
 * What one guest is to get of one cut.
 *
 * @param pieces whole pieces; 0 for what is served by weight
 * @param grams as planned [g]
 */
record Demand(Guest guest, Dish dish, int pieces, double grams) {

    static Demand of(Portion portion, Brief brief, Map<String, Dish> dishes) {
        Figure pieces = portion.pieces();
        return new Demand(
                brief.guest(portion.guest()).orElseThrow(),
                dishes.get(portion.cut()),
                pieces == null ? 0 : (int) Math.round(pieces.value()),
                portion.served().value());
    }

    Cut cut() {
        return dish.cut();
    }

    Stay.Serving serving() {
        return new Stay.Serving(guest.id(), grams, pieces);
    }

    /** With more of the same for the same guest. */
    Demand and(Demand more) {
        return new Demand(guest, dish, pieces + more.pieces, grams + more.grams);
    }
}
