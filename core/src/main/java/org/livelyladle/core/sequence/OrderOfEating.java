package org.livelyladle.core.sequence;

import static java.util.stream.Collectors.toMap;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portions;

/**
 * When a cut is eaten by the host's courses. Each has its part of the meal, counted in food eaten, from 0 at the first
 * bite to 1 at the last; its helpings are spread over that part. Parts of neighbouring courses overlap.
 */
final class OrderOfEating {
    /** Noodles and rice take a part of the meal between this and what they are of the food, in the middle; memory. */
    private static final double STARCH_PART = 0.14;
    /** What is eaten last takes the last of what is left. */
    private static final double LAST_PART = 0.15;
    /** So far a course reaches into its neighbours. */
    private static final double OVERLAP = 0.1;
    /** How much more it counts when something is out of a place the host set by itself. */
    private static final double STRICT = 4;
    /** While slow things cook each guest dips first slices soon after sitting down. */
    private static final double FIRST_SLICES = 0.08;
    /** A first course with something that is ready so soon needs no first slices before it [s]. */
    private static final int QUICK_SECONDS = 180;

    /**
     * Where a helping belongs.
     *
     * @param share in food eaten before it [1]
     * @param weight how much it counts when it comes at another time
     * @param settled it is not moved to a better time
     */
    record Place(double share, double weight, boolean settled) {
        /** On the table from the start, whatever it costs in waits later. */
        static final Place AT_THE_START = new Place(0, STRICT, true);

        /** In a round of many, which is not taken apart. */
        static Place inRound(double share) {
            return new Place(share, STRICT, true);
        }

        /** The host set it by itself. */
        boolean isStrict() {
            return weight >= STRICT;
        }

        /** So much later in the order, or sooner where negative [1]. */
        Place aside(double by) {
            return new Place(Math.max(0, Math.min(1, share + by)), weight, settled);
        }

        private Place(double share, double weight) {
            this(share, weight, false);
        }
    }

    private record Part(double from, double to, double weight) {
        private static final Part ALL_ALONG = new Part(0, 1, 1);

        private Part within(Part span) {
            double length = span.to - span.from;
            return new Part(span.from + from * length, span.from + to * length, weight);
        }

        private Part strict() {
            return new Part(from, to, STRICT);
        }
    }

    private final List<Course> courses;
    private final Map<String, Category> kinds = new HashMap<>();
    private final Map<String, Part> parts = new HashMap<>();
    private final boolean slicesFirst;
    private final double starchPart;

    static OrderOfEating of(
            Brief brief, Catalogue catalogue, Portions portions, Map<String, Dish> dishes, Windows windows) {
        return new OrderOfEating(
                brief,
                catalogue,
                portions.cuts().stream().map(total -> dishes.get(total.cut())).toList(),
                portions.cuts().stream()
                        .collect(toMap(CutTotal::cut, total -> total.grams().value())),
                windows);
    }

    /** @param grams of each dish, by cut [g] */
    OrderOfEating(Brief brief, Catalogue catalogue, List<Dish> dishes, Map<String, Double> grams, Windows windows) {
        dishes.forEach(dish ->
                kinds.put(dish.cut().id(), catalogue.ingredientOf(dish.cut()).category()));
        courses = Courses.of(
                brief,
                dishes.stream()
                        .filter(dish -> kinds.get(dish.cut().id()) != Category.STARCH)
                        .toList(),
                windows);
        starchPart = (STARCH_PART + starchOf(grams)) / 2;
        Starch starch = brief.starch();
        Part span = spanBesideStarch(starch);
        for (Dish dish : dishes) {
            String cut = dish.cut().id();
            if (isStarchByItself(cut)) {
                parts.put(cut, partOf(starch));
            } else if (dish.eatenLast()) {
                parts.put(cut, new Part(1 - LAST_PART, 1, STRICT).within(span));
            } else {
                parts.put(cut, courseOf(cut).within(span));
            }
        }
        slicesFirst = dishes.stream()
                .filter(dish -> !dish.inTurns())
                .noneMatch(dish -> parts.get(dish.cut().id()).from() <= span.from()
                        && parts.get(dish.cut().id()).to() <= (span.from() + span.to()) / 2
                        && windows.of(dish.cut().id()).readySeconds() < QUICK_SECONDS);
        dishes.forEach(this::tie);
    }

    /** Noodles and rice, of all food [1]. */
    private double starchOf(Map<String, Double> grams) {
        double all = 0;
        double starch = 0;
        for (Map.Entry<String, Double> own : grams.entrySet()) {
            all += own.getValue();
            starch += kinds.get(own.getKey()) == Category.STARCH ? own.getValue() : 0;
        }
        return all == 0 ? 0 : starch / all;
    }

    /** What is eaten together comes where the one comes with which it is eaten. */
    private void tie(Dish dish) {
        String with = dish.item().with();
        if (with != null && parts.containsKey(with)) {
            parts.put(dish.cut().id(), parts.get(with).strict());
        }
    }

    /** Noodles and rice for which the host has no course. */
    private boolean isStarchByItself(String cut) {
        return kinds.get(cut) == Category.STARCH && courses.stream().noneMatch(holds(cut));
    }

    private Part spanBesideStarch(Starch starch) {
        if (kinds.keySet().stream().noneMatch(this::isStarchByItself)) {
            return Part.ALL_ALONG;
        }
        return switch (starch) {
            case FIRST -> new Part(starchPart, 1, 1);
            case LAST -> new Part(0, 1 - starchPart, 1);
            case HALF_WAY, IN_THE_BOWL -> Part.ALL_ALONG;
        };
    }

    private Part partOf(Starch starch) {
        return switch (starch) {
            case FIRST -> new Part(0, starchPart, STRICT);
            case HALF_WAY -> new Part((1 - starchPart) / 2, (1 + starchPart) / 2, STRICT);
            case LAST, IN_THE_BOWL -> new Part(1 - starchPart, 1, STRICT);
        };
    }

    /** From the start of the first course that holds it to the end of the last; all along where none does. */
    private Part courseOf(String cut) {
        double all = courses.stream().mapToInt(Course::share).sum();
        Predicate<Course> holds = holds(cut);
        double before = 0;
        double from = 1;
        double to = 0;
        for (Course course : courses) {
            if (holds.test(course)) {
                from = Math.min(from, before / all);
                to = (before + course.share()) / all;
            }
            before += course.share();
        }
        return to == 0 ? Part.ALL_ALONG : new Part(Math.max(0, from - OVERLAP), Math.min(1, to + OVERLAP), 1);
    }

    /** What a course names counts by its name, all else by its kind. */
    private Predicate<Course> holds(String cut) {
        boolean named = courses.stream().anyMatch(course -> course.cuts().contains(cut));
        return named
                ? course -> course.cuts().contains(cut)
                : course -> course.kinds().contains(kinds.get(cut));
    }

    List<Course> courses() {
        return courses;
    }

    /** How far a moment of the meal is from where a cut belongs, in food eaten; 0 within its part. */
    double away(Dish dish, double share) {
        Part part = parts.get(dish.cut().id());
        return Math.max(0, Math.max(part.from() - share, share - part.to()));
    }

    /** The part of the meal a dish is spread over, in food eaten [1]. */
    double length(Dish dish) {
        Part part = parts.get(dish.cut().id());
        return part.to() - part.from();
    }

    /**
     * @param index which helping, from 0
     * @param count helpings in all
     */
    Place place(Dish dish, int index, int count) {
        Part part = parts.get(dish.cut().id());
        if (slicesFirst && dish.inTurns() && index == 0) {
            return new Place(FIRST_SLICES, STRICT);
        }
        return new Place(part.from() + (index + 0.5) / count * (part.to() - part.from()), part.weight());
    }
}
