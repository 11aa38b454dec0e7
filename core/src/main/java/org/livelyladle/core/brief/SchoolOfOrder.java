package org.livelyladle.core.brief;

import static org.livelyladle.core.catalogue.Category.BALLS;
import static org.livelyladle.core.catalogue.Category.LEAVES;
import static org.livelyladle.core.catalogue.Category.MEAT;
import static org.livelyladle.core.catalogue.Category.MUSHROOMS;
import static org.livelyladle.core.catalogue.Category.ROOTS;
import static org.livelyladle.core.catalogue.Category.SEAFOOD;
import static org.livelyladle.core.catalogue.Category.TOFU;
import static org.livelyladle.core.catalogue.Category.VEGETABLES;

import java.util.List;

/** The order in which a table eats: courses that are common, or the host's own. Noodles follow {@link Starch}. */
public enum SchoolOfOrder {
    /** Slow roots first, then meat and seafood that season the broth, then mushrooms and leaves. */
    FLAVOUR_BUILDERS(
            Course.of(30, ROOTS, MEAT, SEAFOOD),
            Course.of(30, MEAT, SEAFOOD, BALLS, TOFU),
            Course.of(40, BALLS, TOFU, MUSHROOMS, LEAVES, VEGETABLES)),
    /** Strictly by cooking time: long things go in, quick things are eaten while they cook. */
    HARD_FIRST,
    /** Balls and other bites that float when they are done, then what is dipped, greens late. */
    BALLS_FIRST(
            Course.of(35, BALLS, TOFU, ROOTS),
            Course.of(35, MEAT, SEAFOOD),
            Course.of(30, MUSHROOMS, LEAVES, VEGETABLES)),
    /** A heap of greens and mushrooms, then the rest. */
    GREENS_FIRST(Course.of(40, LEAVES, MUSHROOMS, VEGETABLES), Course.of(60, MEAT, SEAFOOD, BALLS, TOFU, ROOTS)),
    /** Little and often: some of everything all the time. */
    ALL_ALONG(Course.of(100, MEAT, SEAFOOD, BALLS, TOFU, MUSHROOMS, LEAVES, ROOTS, VEGETABLES)),
    /** The courses of the brief. */
    OWN;

    private final List<Course> courses;

    SchoolOfOrder(Course... courses) {
        this.courses = List.of(courses);
    }

    /** Empty where they depend on the menu. */
    public List<Course> courses() {
        return courses;
    }
}
