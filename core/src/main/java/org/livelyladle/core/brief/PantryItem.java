package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * What is already at home.
 *
 * @param grams how much of it [g]; always enough when left out
 */
public record PantryItem(
        String ingredient,
        @Within(min = 0, max = 50000) @Nullable Double grams) {
    private static final Ranges RANGES = Ranges.of(PantryItem.class);

    public PantryItem {
        Check.id(ingredient, "ingredient");
        RANGES.check("grams", grams);
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
