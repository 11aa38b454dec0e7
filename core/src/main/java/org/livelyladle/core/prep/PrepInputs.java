package org.livelyladle.core.prep;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;

/**
 * Everything of a plan that asks for work before sitting down.
 *
 * @param preloads what goes into the pots before
 */
public record PrepInputs(
        Portions portions,
        Broths broths,
        Sauces sauces,
        Extras extras,
        Purchases purchases,
        @Nullable EndingPlan ending,
        List<Drop> preloads) {
    public PrepInputs {
        preloads = List.copyOf(preloads);
    }

    /** With the broths of another plan. */
    public PrepInputs with(Broths others) {
        return new PrepInputs(portions, others, sauces, extras, purchases, ending, preloads);
    }
}
