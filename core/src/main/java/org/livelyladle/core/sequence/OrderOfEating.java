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

/** When in the meal a cut goes in by the host's school: 0 at the start, 1 at the finish; noodles always last. */
final class OrderOfEating {
    /** Noodles and rice begin here. */
    static final double STARCH_FROM = 0.82;
    /** How much of the order is the cut's rank; the rest spreads its helpings over the meal. */
    private static final double RANK_SHARE = 0.5;

    private final Map<String, Double> ranks = new HashMap<>();

    OrderOfEating(SchoolOfOrder school, Catalogue catalogue, List<Cut> cuts, Windows windows) {
        List<Cut> early = cuts.stream()
                .filter(cut -> category(catalogue, cut) != Category.STARCH)
                .sorted(comparator(school, catalogue, windows))
                .toList();
        for (int i = 0; i < early.size(); i++) {
            ranks.put(early.get(i).id(), (double) i / Math.max(1, early.size() - 1));
        }
    }

    /**
     * @param index which helping, from 0
     * @param count helpings in all
     */
    double wish(Cut cut, int index, int count) {
        double spread = (double) index / count;
        Double rank = ranks.get(cut.id());
        if (rank == null) {
            return STARCH_FROM + (1 - STARCH_FROM) * spread;
        }
        double wish = count == 1 ? rank : rank * RANK_SHARE + spread * (1 - RANK_SHARE);
        return wish * STARCH_FROM;
    }

    private static Comparator<Cut> comparator(SchoolOfOrder school, Catalogue catalogue, Windows windows) {
        Comparator<Cut> byTime =
                Comparator.comparing((Cut cut) -> -windows.of(cut.id()).readySeconds());
        Comparator<Cut> first = switch (school) {
            case HARD_FIRST -> byTime;
            case FLAVOUR_BUILDERS ->
                Comparator.comparing((Cut cut) -> builderRank(category(catalogue, cut)))
                        .thenComparing(byTime);
        };
        return first.thenComparing(Cut::id);
    }

    private static int builderRank(Category category) {
        return switch (category) {
            case ROOTS -> 0;
            case MEAT, SEAFOOD -> 1;
            case BALLS, TOFU -> 2;
            case MUSHROOMS, LEAVES -> 3;
            case STARCH, LARDER -> 4;
        };
    }

    private static Category category(Catalogue catalogue, Cut cut) {
        return catalogue.ingredientOf(cut).category();
    }
}
