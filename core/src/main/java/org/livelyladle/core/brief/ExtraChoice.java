package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * Something that stands beside the pots: a drink, a starter, herbs, wraps or pickles.
 *
 * @param ingredient an extra of the catalogue
 * @param perAdult what a regular eater gets, in the extra's own unit [g or ml]; null for an even share of its kind
 */
public record ExtraChoice(
        String ingredient,
        @Within(min = 0, max = 3000) @Nullable Double perAdult) {
    private static final Ranges RANGES = Ranges.of(ExtraChoice.class);

    public ExtraChoice {
        Check.id(ingredient, "ingredient");
        RANGES.check("perAdult", perAdult);
    }
}
