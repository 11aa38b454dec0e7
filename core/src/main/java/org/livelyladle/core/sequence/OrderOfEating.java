package org.livelyladle.core.sequence;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.cooking.Windows;

/**
 * When a cut is eaten by the host's school. Each kind has its part of the meal, counted in food eaten, from 0 at the
 * first bite to 1 at the last; its helpings are spread over that part. Parts overlap: in every school quick things are
 * eaten while slow ones cook, and noodles come last.
 */
final class OrderOfEating {
    /** Noodles and rice begin here. */
    private static final double STARCH_FROM = 0.86;
    /** How much more it counts when noodles are out of place. */
    private static final double STARCH_WEIGHT = 4;
    /** In "hard first" what is tended by others comes by its time in the broth, over this part of the meal. */
    private static final double HARD_PART = 0.6;
    /** The part of the meal over which the helpings of one such cut are spread. */
    private static final double HARD_SPREAD = 0.26;

    /** In every school each guest dips first slices soon after sitting down. */
    private static final double FIRST_SLICES = 0.08;

    private static final double FIRST_SLICES_WEIGHT = 4;

    /** Where a helping belongs, in food eaten before it [1], and how much it counts when it comes at another time. */
    record Place(double share, double weight) {}

    private record Part(double from, double to, double weight) {}

    private final Map<String, Part> parts = new HashMap<>();

    OrderOfEating(SchoolOfOrder school, Catalogue catalogue, List<Cut> cuts, Windows windows) {
        List<Cut> slow = cuts.stream()
                .filter(cut -> !cut.byHand())
                .sorted(Comparator.comparing((Cut cut) -> -windows.of(cut.id()).readySeconds())
                        .thenComparing(Cut::id))
                .toList();
        for (Cut cut : cuts) {
            Category category = catalogue.ingredientOf(cut).category();
            double rank = (double) Math.max(0, slow.indexOf(cut)) / Math.max(1, slow.size() - 1);
            parts.put(
                    cut.id(),
                    category == Category.STARCH
                            ? new Part(STARCH_FROM, 1, STARCH_WEIGHT)
                            : switch (school) {
                                case HARD_FIRST -> hardFirst(cut, rank);
                                case FLAVOUR_BUILDERS -> builders(category);
                            });
        }
    }

    private static Part hardFirst(Cut cut, double rank) {
        return cut.byHand()
                ? new Part(0, STARCH_FROM, 1)
                : new Part(HARD_PART * rank, HARD_PART * rank + HARD_SPREAD, 1);
    }

    private static Part builders(Category category) {
        return switch (category) {
            case ROOTS -> new Part(0, 0.4, 1);
            case MEAT, SEAFOOD -> new Part(0, 0.6, 1);
            case BALLS, TOFU -> new Part(0.2, 0.75, 1);
            case MUSHROOMS, LEAVES -> new Part(0.35, STARCH_FROM, 1);
            case STARCH, LARDER -> new Part(STARCH_FROM, 1, STARCH_WEIGHT);
        };
    }

    /**
     * @param index which helping, from 0
     * @param count helpings in all
     */
    Place place(Cut cut, int index, int count) {
        Part part = parts.get(cut.id());
        if (cut.byHand() && index == 0) {
            return new Place(FIRST_SLICES, FIRST_SLICES_WEIGHT);
        }
        return new Place(part.from() + (index + 0.5) / count * (part.to() - part.from()), part.weight());
    }
}
