package org.livelyladle.core.kettle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.Piece;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;

/** What goes into each side and when, and who ladles soup from it. */
public final class Traffic {
    /** Soup a guest drinks in an hour [ml/h]; memory. */
    private static final double SOUP_ML_PER_H = 100;

    private static final double SECONDS_PER_HOUR = 3600;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Sequence table;

    public Traffic(Brief brief, Catalogue catalogue, Sequence table) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.table = table;
    }

    /** Food of a side by the time it goes in. */
    List<Food> foods(String side) {
        Map<String, MenuItem> menu = new HashMap<>();
        brief.menu().forEach(item -> menu.put(item.cut(), item));
        List<Food> foods = new ArrayList<>();
        for (Drop drop : table.drops()) {
            if (drop.side().equals(side)) {
                add(foods, drop, menu.get(drop.cut()));
            }
        }
        foods.sort(Comparator.comparingInt(Food::putIn));
        return foods;
    }

    private void add(List<Food> foods, Drop drop, MenuItem item) {
        Cut cut = catalogue.cut(drop.cut());
        Category category = catalogue.ingredientOf(cut).category();
        double startC = Piece.of(brief, cut).startC();
        for (Stay stay : drop.inBroth()) {
            foods.add(new Food(
                    drop.id(),
                    cut,
                    category,
                    startC,
                    stay.putIn(),
                    stay.takeOut(),
                    stay.ready(),
                    stay.grams(),
                    stay.loadGrams(),
                    stay.volumeMl()));
        }
    }

    /** Soup ladled from a side at a second [ml/s], by second from sitting down; it changes where guests come and go. */
    double[] soup(String side) {
        double[] changes = new double[table.mealSeconds() + 2];
        for (Guest guest : brief.guests()) {
            List<String> open = table.sidesOpenTo(guest.id());
            if (open.contains(side)) {
                double rate = SOUP_ML_PER_H / SECONDS_PER_HOUR / open.size();
                int to = guest.leavesWithin(table.mealSeconds() / 60) * 60;
                int from = Math.min(to, guest.arrivesAfterMinutes() * 60);
                changes[from] += rate;
                changes[to] -= rate;
            }
        }
        for (int second = 1; second < changes.length; second++) {
            changes[second] += changes[second - 1];
        }
        return changes;
    }

    /** Grams each guest eats from a side. */
    public Map<String, Double> eaters(String side) {
        Map<String, Double> grams = new TreeMap<>();
        table.drops().stream()
                .filter(drop -> drop.side().equals(side))
                .flatMap(Drop::servings)
                .forEach(serving -> grams.merge(serving.guest(), serving.grams(), Double::sum));
        return grams;
    }
}
