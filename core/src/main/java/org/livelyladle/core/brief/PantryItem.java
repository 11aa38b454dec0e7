package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * What is already at home.
 *
 * @param grams how much of it [g]; always enough when left out
 */
public record PantryItem(String ingredient, @Nullable Double grams) {
    public PantryItem {
        Check.id(ingredient, "ingredient");
        Check.rangeOrNone(grams, "grams", 0, 50_000);
    }

    /** A staple the house is never out of. */
    public boolean isAlwaysThere() {
        return grams == null;
    }

    /** What there is of it against a need [g]. */
    public double against(double need) {
        return grams == null ? need : grams;
    }
}
