package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.Windows;

/** The courses of a school of order for a menu: the host's own, those of the school, or, hard first, by cooking time. */
final class Courses {
    /** Courses by cooking time, the slowest first. */
    private static final int BY_TIME = 5;

    private Courses() {}

    /** @param dishes all but noodles and rice */
    /** @param dishes all but noodles and rice */
    static List<Course> of(Brief brief, List<Dish> dishes, Windows windows) {
        return switch (brief.order()) {
            case OWN -> brief.courses();
            case HARD_FIRST -> byCookingTime(dishes, windows);
            case FLAVOUR_BUILDERS, BALLS_FIRST, GREENS_FIRST, ALL_ALONG ->
                brief.order().courses();
        };
    }

    /** What is dipped is eaten in every one of them, while the slow things cook. */
    private static List<Course> byCookingTime(List<Dish> dishes, Windows windows) {
        List<String> slow = dishes.stream()
                .filter(dish -> !dish.inTurns())
                .map(Dish::cut)
                .sorted(Comparator.comparing((Cut cut) -> -windows.of(cut.id()).readySeconds())
                        .thenComparing(Cut::id))
                .map(Cut::id)
                .toList();
        List<String> quick = dishes.stream()
                .filter(Dish::dipped)
                .map(dish -> dish.cut().id())
                .sorted()
                .toList();
        int count = Math.max(1, Math.min(BY_TIME, slow.size()));
        List<Course> courses = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            List<String> cuts = new ArrayList<>(quick);
            cuts.addAll(slow.subList(i * slow.size() / count, (i + 1) * slow.size() / count));
            if (!cuts.isEmpty()) {
                courses.add(new Course(List.of(), cuts, 100 / count));
            }
        }
        return courses;
    }
}
