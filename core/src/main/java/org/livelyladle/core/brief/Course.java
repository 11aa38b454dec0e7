package org.livelyladle.core.brief;

import java.util.List;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * A part of the meal and what is eaten in it. What stands in several courses is eaten in all of them.
 *
 * @param kinds whole kinds of food
 * @param cuts single cuts; what is named here follows its name and not its kind
 * @param share how much of the meal it is, against the other courses
 */
public record Course(
        List<Category> kinds,
        List<String> cuts,
        @Within(min = 1, max = 100) int share) {
    private static final Ranges RANGES = Ranges.of(Course.class);
    private static final int MOST_CUTS = 150;

    public Course {
        kinds = Check.distinct(kinds, "kinds", Category.served().size(), kind -> kind);
        if (kinds.contains(Category.LARDER)) {
            throw new InvalidInputException("kinds", "LARDER", "served categories only: " + Category.served());
        }
        cuts = Check.distinct(cuts, "cuts", MOST_CUTS, cut -> cut);
        if (kinds.isEmpty() && cuts.isEmpty()) {
            throw new InvalidInputException("kinds", "nothing", "at least one kind or one cut");
        }
        RANGES.check("share", share);
    }

    public static Course of(int share, Category... kinds) {
        return new Course(List.of(kinds), List.of(), share);
    }
}
