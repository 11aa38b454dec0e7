package org.livelyladle.core.sequence;

import java.util.List;
import java.util.Map;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.table.Stay;

/** Single batches for one guest, for tests. */
final class Placings {
    private Placings() {}

    /** @param pieces 0 for what is served by weight */
    static Placing of(String cut, double grams, int pieces, int putIn) {
        Briefs briefs = Briefs.plain();
        briefs.menu.clear();
        briefs.menu.add(cut);
        Side side = Side.of("pot-1", "kelp-shiitake");
        Batch batch = new Batch(
                Dish.of(Catalogue.builtIn().cut(cut), MenuItem.of(cut), Catalogue.builtIn()),
                cut,
                side,
                side,
                1,
                List.of(new Stay.Serving("ann", grams, pieces)),
                TestWindows.of(briefs.build()).of(cut),
                new OrderOfEating.Place(0, 1, false),
                0,
                7200);
        Placing placing = new Placing(batch, 0, false, Map.of("ann", 0));
        placing.putIn = putIn;
        return placing;
    }
}
