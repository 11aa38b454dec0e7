package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * Something that stands beside the pots: a drink, a starter, herbs, wraps or pickles.
 *
 * @param ingredient an extra of the catalogue
 * @param perAdult what a regular eater gets, in the extra's own unit [g or ml]; null for an even share of its kind
 */
public record ExtraChoice(String ingredient, @Nullable Double perAdult) {
    public ExtraChoice {
        Check.id(ingredient, "ingredient");
        if (perAdult != null) {
            Check.range(perAdult, "perAdult", 0, 3000);
        }
    }
}
