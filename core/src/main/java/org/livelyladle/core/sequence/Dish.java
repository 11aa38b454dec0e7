package org.livelyladle.core.sequence;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.StartState;

/**
 * A cut as this table eats it.
 *
 * @param lifted a minder takes it out with the rest of a round, however long it stays good
 * @param startsFrozen goes in from the freezer
 * @param item what the host said of it
 */
record Dish(Cut cut, Tending tending, boolean lifted, boolean startsFrozen, MenuItem item) {

    static Dish of(Cut cut, MenuItem item) {
        return new Dish(
                cut, item.tendingOf(cut.byHand()), false, item.fromFrozen() || cut.start() == StartState.FROZEN, item);
    }

    /** By cut; where all pots are eaten from in one way, in that way. */
    static Map<String, Dish> byCut(Brief brief, Catalogue catalogue) {
        Map<String, Dish> dishes = new HashMap<>();
        List<WayOfEating> ways =
                brief.pots().stream().map(Pot::wayOrUsual).distinct().toList();
        for (MenuItem item : brief.menu()) {
            Dish dish = of(catalogue.cut(item.cut()), item);
            dishes.put(item.cut(), ways.size() == 1 ? dish.in(ways.get(0)) : dish);
        }
        return dishes;
    }

    /** As it is eaten from a pot, unless the host said of the dish itself how. */
    Dish in(WayOfEating way) {
        Dish usual = of(cut, item);
        return item.tending() != null
                ? usual
                : switch (way) {
                    case OWN_POT, OWN_BASKET -> usual.dipped() ? usual : usual.tended(Tending.BASKET);
                    case ALL_IN -> usual.tended(Tending.SHARED);
                    case ROUNDS -> new Dish(cut, Tending.SHARED, true, startsFrozen, item);
                    case TEND, LAYERED, DIP_AND_WRAP -> usual;
                };
    }

    Dish tended(Tending other) {
        return new Dish(cut, other, lifted, startsFrozen, item);
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
