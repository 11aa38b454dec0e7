package org.livelyladle.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.prep.PrepOracle;
import org.livelyladle.core.prep.TestPrep;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.web.JsonConfig;

/**
 * Compares prep of the demo parties and of 40 seeded kitchens with what CP-SAT finds for the same jobs; ends with 1 where
 * more than half of the hurried kitchens are ready over 3 minutes later, or what is begun too early and waits too long
 * weighs over 10 % more on average.
 */
public final class PrepComparison {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final int KITCHENS = 40;
    private static final int WORKERS = 2;
    private static final double DETERMINISTIC_TIME = 2;
    /** Nothing begun so long before sitting down [min]. */
    private static final int HURRIED_MINUTES = 60;

    private static final long MOST_LATER = 3;
    private static final double MOST_WEIGHT = 0.10;

    private PrepComparison() {}

    public static void main(String[] args) {
        Map<String, Brief> kitchens = kitchens();
        double weight = 0;
        double widest = 0;
        List<Long> later = new ArrayList<>();
        int proved = 0;
        double millis = 0;
        for (Map.Entry<String, Brief> kitchen : kitchens.entrySet()) {
            PrepOracle.Gap late = PrepOracle.late(kitchen.getValue(), WORKERS, DETERMINISTIC_TIME);
            PrepOracle.Gap hurried =
                    PrepOracle.hurried(kitchen.getValue(), HURRIED_MINUTES, WORKERS, DETERMINISTIC_TIME);
            double gap = late.ours() / (double) late.found() - 1;
            weight += gap;
            widest = Math.max(widest, gap);
            later.add(hurried.ours() - hurried.found());
            proved += hurried.found() == hurried.proved() ? 1 : 0;
            millis += late.millis();
            System.out.printf(
                    "%s, %d jobs: weight %d, found %d, at least %d; hurried ready at %d, found %d, at least %d min%n",
                    kitchen.getKey(),
                    late.jobs(),
                    late.ours(),
                    late.found(),
                    late.proved(),
                    hurried.ours(),
                    hurried.found(),
                    hurried.proved());
        }
        int count = kitchens.size();
        Collections.sort(later);
        long median = later.get(count / 2);
        System.out.printf(
                "prep: %.1f %% heavier on average, %.1f %% at most; hurried ready %d min later at the median, %d at most,"
                        + " %d of %d proved least; ours %.1f ms each%n",
                100 * weight / count, 100 * widest, median, later.get(count - 1), proved, count, millis / count);
        System.exit(weight / count <= MOST_WEIGHT && median <= MOST_LATER ? 0 : 1);
    }

    private static Map<String, Brief> kitchens() {
        Map<String, Brief> kitchens = new LinkedHashMap<>();
        new DemoBriefs(JsonConfig.mapper(), new PriceList())
                .load(TODAY)
                .forEach(demo -> kitchens.put(demo.title(), demo));
        for (long seed = 0; seed < KITCHENS; seed++) {
            kitchens.put("kitchen " + seed, TestPrep.randomKitchen(seed));
        }
        return kitchens;
    }
}
