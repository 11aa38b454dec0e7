package org.livelyladle.core.kettle;

import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.heat.Material;

/**
 * Food from putting in to taking out, all pieces of one drop or the slices dipped at one moment.
 *
 * @param putIn [s from sitting down]
 * @param takeOut [s from sitting down]
 * @param ready [s from sitting down]
 * @param grams as planned [g]
 * @param loadG as it is in the broth, soaked [g]
 * @param volumeMl room it takes [ml]
 */
record Food(
        String drop,
        Cut cut,
        Category category,
        double startC,
        int putIn,
        int takeOut,
        int ready,
        double grams,
        double loadG,
        double volumeMl) {
    /** Broth that clings to what is taken out [ml/g]; memory. */
    private static final double CLINGS_ML_PER_G = 0.08;
    /** Part of their weight that leaves give as juice [1]; memory. */
    private static final double LEAVES_GIVE = 0.15;
    /** Slabs up to here take the broth's temperature at once [mm]; memory. */
    private static final double THIN_MM = 3;
    /** Time constant of a lump against its time in the broth; memory. */
    private static final double TAU_SHARE = 1.0 / 3;

    /** What stays in longer than this after it is ready has long taken the broth's temperature [s]. */
    private static final int LONGER_S = 20;

    /** Takes the broth's temperature at once. */
    boolean isThin() {
        return switch (cut.shape()) {
            case LEAF, STRAND -> true;
            case SLAB -> cut.dimensionsMm().get(0) <= THIN_MM;
            default -> false;
        };
    }

    double tauSeconds() {
        return Math.max(1, (Math.min(takeOut, ready + LONGER_S) - putIn) * TAU_SHARE);
    }

    double clingMl() {
        return loadG * CLINGS_ML_PER_G;
    }

    /** Broth it takes up; what was soaked beforehand has taken up its own. */
    double takenUpMl() {
        boolean soaked = cut.prep().stream().anyMatch(step -> step.startsWith("soak"));
        return soaked ? 0 : Math.max(0, loadG - grams);
    }

    /** Juice it gives. */
    double givenMl() {
        return category == Category.LEAVES ? grams * LEAVES_GIVE : 0;
    }

    double joulePerK() {
        return loadG / 1000 * HeatUp.FOOD_J_PER_KG_K;
    }

    /** Heat its ice takes; none unless it starts frozen [J]. */
    double meltingJ() {
        Material material = Material.lean();
        return startC < material.freezingC() ? loadG / 1000 * material.latentHeat() : 0;
    }
}
