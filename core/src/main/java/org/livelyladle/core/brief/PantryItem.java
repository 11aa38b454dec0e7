package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;

/** What is already at home. */
public record PantryItem(String ingredient, double grams) {
    public PantryItem {
        Check.id(ingredient, "ingredient");
        Check.range(grams, "grams", 0, 50_000);
    }
}
