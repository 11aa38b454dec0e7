package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.StartState;

/**
 * A cut as this table eats it.
 *
 * @param startsFrozen goes in from the freezer
 * @param item what the host said of it
 */
record Dish(Cut cut, Tending tending, boolean startsFrozen, MenuItem item) {

    static Dish of(Cut cut, MenuItem item) {
        return new Dish(cut, item.tendingOf(cut.byHand()), item.fromFrozen() || cut.start() == StartState.FROZEN, item);
    }

    static Map<String, Dish> byCut(Brief brief, Catalogue catalogue) {
        Map<String, Dish> dishes = new HashMap<>();
        brief.menu().forEach(item -> dishes.put(item.cut(), of(catalogue.cut(item.cut()), item)));
        return dishes;
    }

    boolean dipped() {
        return tending == Tending.DIP;
    }

    /** Somebody looks after it for others. */
    boolean shared() {
        return tending == Tending.SHARED;
    }

    boolean eatenLast() {
        return item.isEatenLast();
    }
}
