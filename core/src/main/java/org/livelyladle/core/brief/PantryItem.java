package org.livelyladle.core.brief;

/** What is already at home. */
public record PantryItem(String ingredient, double grams) {
    public PantryItem {
        Check.id(ingredient, "ingredient");
        Check.range(grams, "grams", 0, 50_000);
    }
}
