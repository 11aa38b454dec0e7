package org.livelyladle.core.portions;

import java.util.List;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.measure.Figure;

/**
 * One guest's food.
 *
 * @param factor appetite factor [1]
 * @param food all that is served to the guest [g]
 * @param budgets the guest's budget per category after reflow [g]
 * @param empty categories in which nothing on this menu suits the guest
 */
public record GuestTotal(String guest, Figure factor, Figure food, List<CategoryBudget> budgets, List<Category> empty) {

    /** A guest's budget in a category [g]. */
    public record CategoryBudget(Category category, Figure grams) {}
}
