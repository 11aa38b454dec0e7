package org.livelyladle.core.portions;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Figure;

/**
 * What one guest gets of one cut.
 *
 * @param grams exact share of the guest's budget [g, as planned]
 * @param pieces whole pieces; null for what is served by weight
 * @param served what is really served: whole pieces times their weight, else the exact share [g]
 * @param pinned set by the host
 * @param reserved kept apart for this guest
 */
public record Portion(
        String guest,
        String cut,
        Figure grams,
        @Nullable Figure pieces,
        Figure served,
        boolean pinned,
        boolean reserved) {}
