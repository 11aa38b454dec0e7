package org.livelyladle.core.cooking;

import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;

/** The windows of a brief, for tests that need them ready-made. */
public final class TestWindows {
    /** Shared, since it remembers what it computed. */
    private static final WindowModel MODEL = new WindowModel();

    private TestWindows() {}

    public static Windows of(Brief brief) {
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        return new WindowPlanner(brief, brief.extend(Catalogue.builtIn()), MODEL, new Ledger(), text).plan();
    }
}
