package org.livelyladle.core.portions;

import static org.livelyladle.core.catalogue.Category.BALLS;
import static org.livelyladle.core.catalogue.Category.LEAVES;
import static org.livelyladle.core.catalogue.Category.MEAT;
import static org.livelyladle.core.catalogue.Category.MUSHROOMS;
import static org.livelyladle.core.catalogue.Category.ROOTS;
import static org.livelyladle.core.catalogue.Category.SEAFOOD;
import static org.livelyladle.core.catalogue.Category.STARCH;
import static org.livelyladle.core.catalogue.Category.TOFU;
import static org.livelyladle.core.catalogue.Category.VEGETABLES;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.catalogue.Category;

/**
 * Where a category's grams go when a guest has nothing to eat in it: to its likeliest stand-ins, in these proportions
 * (memory). A vegan's meat, seafood and balls so become tofu, mushrooms and roots. Total food stays the same.
 */
final class Reflow {
    private static final Map<Category, Map<Category, Double>> MATRIX = matrix();

    private Reflow() {}

    private static Map<Category, Map<Category, Double>> matrix() {
        Map<Category, Map<Category, Double>> rows = new EnumMap<>(Category.class);
        rows.put(MEAT, Map.of(SEAFOOD, 2.0, BALLS, 1.0, TOFU, 3.0, MUSHROOMS, 2.0, ROOTS, 1.0));
        rows.put(SEAFOOD, Map.of(MEAT, 2.0, BALLS, 1.0, TOFU, 2.0, MUSHROOMS, 1.0));
        rows.put(BALLS, Map.of(MEAT, 1.0, SEAFOOD, 1.0, TOFU, 2.0, MUSHROOMS, 1.0, ROOTS, 1.0));
        rows.put(TOFU, Map.of(MEAT, 1.0, BALLS, 1.0, MUSHROOMS, 2.0, ROOTS, 1.0));
        rows.put(MUSHROOMS, Map.of(LEAVES, 2.0, ROOTS, 1.0, TOFU, 1.0));
        rows.put(LEAVES, Map.of(MUSHROOMS, 2.0, ROOTS, 1.0, VEGETABLES, 1.0));
        rows.put(ROOTS, Map.of(VEGETABLES, 2.0, LEAVES, 1.0, MUSHROOMS, 1.0, STARCH, 1.0));
        rows.put(VEGETABLES, Map.of(LEAVES, 2.0, ROOTS, 2.0, MUSHROOMS, 1.0));
        rows.put(STARCH, Map.of(ROOTS, 2.0, TOFU, 1.0, LEAVES, 1.0));
        return rows;
    }

    /** Where a kind goes of which the menu has nothing: to the evening's own kind of food (memory). */
    private static final Map<Category, Map<Category, Double>> MENU = Map.of(
            MEAT, Map.of(SEAFOOD, 3.0, BALLS, 1.0),
            SEAFOOD, Map.of(MEAT, 3.0, BALLS, 1.0),
            BALLS, Map.of(MEAT, 1.0, SEAFOOD, 1.0),
            ROOTS, Map.of(VEGETABLES, 1.0),
            VEGETABLES, Map.of(ROOTS, 1.0));

    /**
     * Weights of the categories that take over, among those open to the guest; all open ones alike when none of the
     * usual stand-ins is open, and none when nothing is open at all.
     *
     * @param forAll nobody has any of it, since the menu has none: the evening's own kind of food takes over first
     */
    static Map<Category, Double> from(Category category, Set<Category> open, boolean forAll) {
        Map<Category, Double> own = forAll ? among(MENU.getOrDefault(category, Map.of()), open) : Map.of();
        if (!own.isEmpty()) {
            return own;
        }
        Map<Category, Double> usual = among(MATRIX.get(category), open);
        if (!usual.isEmpty()) {
            return usual;
        }
        Map<Category, Double> alike = new EnumMap<>(Category.class);
        open.forEach(to -> alike.put(to, 1.0));
        return alike;
    }

    /** Whether the menu's own kinds take all of one it has nothing of: nobody misses it then. */
    static boolean isStoodInFor(Category category, Set<Category> onMenu) {
        return category == VEGETABLES && onMenu.contains(ROOTS) || category == ROOTS && onMenu.contains(VEGETABLES);
    }

    private static Map<Category, Double> among(Map<Category, Double> row, Set<Category> open) {
        Map<Category, Double> weights = new EnumMap<>(Category.class);
        row.forEach((to, weight) -> {
            if (open.contains(to)) {
                weights.put(to, weight);
            }
        });
        return weights;
    }
}
