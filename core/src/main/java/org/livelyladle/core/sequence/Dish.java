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
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;

/**
 * A cut as this table eats it.
 *
 * @param lifted a minder takes it out with the rest of a round, however long it stays good
 * @param browns it is meat or seafood, which a hot plate browns first
 * @param startsFrozen goes in from the freezer
 * @param item what the host said of it
 */
record Dish(Cut cut, Tending tending, boolean lifted, boolean browns, boolean startsFrozen, MenuItem item) {

    /** Thin slices colour on a plate of 180 to 220 °C in so long; common practice. */
    private static final int BROWNING_SECONDS = 60;

    static Dish of(Cut cut, MenuItem item, Catalogue catalogue) {
        Category kind = catalogue.ingredientOf(cut).category();
        return new Dish(
                cut,
                item.tendingOf(cut.byHand()),
                false,
                kind == Category.MEAT || kind == Category.SEAFOOD,
                item.goesInFrozen(cut),
                item);
    }

    /** By cut; where all pots are eaten from in one way, in that way. */
    static Map<String, Dish> byCut(Brief brief, Catalogue catalogue) {
        Map<String, Dish> dishes = new HashMap<>();
        List<WayOfEating> ways =
                brief.pots().stream().map(Pot::wayOrUsual).distinct().toList();
        for (MenuItem item : brief.menu()) {
            Dish dish = of(catalogue.cut(item.cut()), item, catalogue);
            dishes.put(item.cut(), ways.size() == 1 ? dish.in(ways.get(0)) : dish);
        }
        return dishes;
    }

    /** As it is eaten from a pot, unless the host said of the dish itself how. */
    Dish in(WayOfEating way) {
        Dish usual = new Dish(cut, item.tendingOf(cut.byHand()), false, browns, startsFrozen, item);
        return item.tending() != null
                ? usual
                : switch (way) {
                    case OWN_POT, OWN_BASKET -> usual.dipped() ? usual : usual.tended(Tending.BASKET);
                    case ALL_IN -> usual.tended(Tending.SHARED);
                    case ROUNDS -> new Dish(cut, Tending.SHARED, true, browns, startsFrozen, item);
                    case PLATE_FIRST -> browns ? usual.tended(Tending.PLATE) : usual;
                    case TEND, LAYERED, DIP_AND_WRAP -> usual;
                };
    }

    Dish tended(Tending other) {
        return new Dish(cut, other, lifted, browns, startsFrozen, item);
    }

    boolean dipped() {
        return tending == Tending.DIP;
    }

    /** Each eater has turns at it: dips it, or browns it. */
    boolean inTurns() {
        return tending == Tending.DIP || tending == Tending.PLATE;
    }

    /** On a hot plate before it goes into the broth [s]. */
    int brownsFor() {
        return tending == Tending.PLATE ? BROWNING_SECONDS : 0;
    }

    /** Somebody looks after it for others. */
    boolean shared() {
        return tending == Tending.SHARED;
    }

    boolean eatenLast() {
        return item.eatenLast();
    }
}
