package org.livelyladle.core.prep;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.table.EndingPlan;

/** Everything of a plan that asks for work before sitting down. */
public record PrepInputs(
        Portions portions,
        Broths broths,
        Sauces sauces,
        Extras extras,
        Purchases purchases,
        @Nullable EndingPlan ending) {}
