package org.livelyladle.core.packs;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.livelyladle.core.packs.PackProblem.Cover;
import org.livelyladle.core.packs.PackProblem.Need;
import org.livelyladle.core.packs.PackProblem.PackOffer;

/** Seeded random problems, always solvable. */
public final class PackProblems {
    private PackProblems() {}

    public static PackOffer loose(String id, String ingredient, double step, double centsPerKg) {
        return new PackOffer(id, ingredient, null, null, step, centsPerKg);
    }

    /**
     * @param ingredients how many are needed, some of which nobody sells when a cover can replace them
     * @param covers how many
     */
    public static PackProblem random(long seed, int ingredients, int covers) {
        Random random = new Random(seed);
        List<Need> needs = new ArrayList<>();
        List<PackOffer> offers = new ArrayList<>();
        for (int k = 0; k < ingredients; k++) {
            needs.add(new Need("i" + k, random.nextInt(8) == 0 ? 0 : 1 + random.nextInt(2000)));
            int count = 1 + random.nextInt(4);
            for (int o = 0; o < count; o++) {
                offers.add(offer(random, "i" + k, "o" + k + "-" + o));
            }
        }
        List<Cover> all = new ArrayList<>();
        for (int c = 0; c < covers && ingredients > 1; c++) {
            int shortOf = random.nextInt(ingredients);
            int by = (shortOf + 1 + random.nextInt(ingredients - 1)) % ingredients;
            all.add(new Cover("i" + shortOf, "i" + by, random.nextInt(900)));
        }
        if (random.nextBoolean() && !all.isEmpty() && ingredients > 1) {
            String unsold = all.get(0).shortOf();
            offers.removeIf(offer -> offer.ingredient().equals(unsold));
            all.set(0, new Cover(unsold, all.get(0).by(), 2000));
        }
        return new PackProblem(needs, offers, random.nextInt(900), all);
    }

    private static PackOffer offer(Random random, String ingredient, String id) {
        return random.nextInt(3) == 0
                ? loose(id, ingredient, 10 * (1 + random.nextInt(20)), 100 + random.nextInt(3000))
                : PackOffer.unit(id, ingredient, 20 + random.nextInt(900), 20 + random.nextInt(900));
    }
}
