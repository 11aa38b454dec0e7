package org.livelyladle.core.rehearsal;

import java.util.Arrays;

/**
 * One side of broth, second by second, by explicit steps of its heat balance. Constants stand here again on purpose: what
 * judges the planner's foresight borrows nothing from it. Used by one thread; one evening after another.
 */
final class Broth {
    private static final double BROTH_J_PER_G_K = 4.1;
    private static final double FOOD_J_PER_G_K = 3.5;
    private static final double ICE_J_PER_G_K = 2.0;
    private static final double MELTING_J_PER_G = 250;
    private static final double FREEZES_C = -1.5;
    private static final double AIR_C = 20;
    private static final double LOSS_W_PER_M2_K = 10;
    /** What a joule evaporates; 2257 J/g. */
    private static final double G_PER_J = 1 / 2257.0;

    private static final double KETTLE_C = 90;
    /** Carrier's correlation for an open surface in still air [W/m2Pa]. */
    private static final double OPEN_W_PER_M2_PA = 0.089;

    private static final double HALF_HUMID = 0.5;
    private static final double DRY_SHARE = 0.05;
    /** Of vapour pressure, up to where any broth boils. */
    private static final int TABLE_C = 130;

    private static final double[] PASCAL = pressures();
    private static final double AIR_PASCAL = HALF_HUMID * pascal(AIR_C);

    /** What never changes from one evening to the next. */
    record Kind(
            double fillG,
            double brimMl,
            double boilC,
            double keptC,
            double floorC,
            double openM2,
            double outsideM2,
            double steamW) {
        /** What keeps it at its temperature [W]. */
        double holdingW() {
            double steam = keptC < boilC ? Math.min(steamW, openW(openM2, keptC)) : steamW;
            return LOSS_W_PER_M2_K * outsideM2 * (keptC - AIR_C) + steam;
        }
    }

    /** Food that warms more slowly than the broth mixes. */
    private static final class Lump {
        private int load;
        private double grams;
        private double wattsPerK;
        private double kelvinPerJ;
        private double celsius;
        /** Heat its ice still takes [J]. */
        private double iceJ;
    }

    private final Kind kind;
    private final double lossWPerK;
    private final double simmerC;
    private final double recoveredC;
    private double celsius;
    private double grams;
    /** Of food that has the broth's temperature [J/K]. */
    private double thinJPerK;

    private double foodMl;
    private Lump[] lumps = new Lump[8];
    private int lumpCount;
    private boolean dry;
    /** The lid may be on while it comes back from what nobody holds in chopsticks. */
    private boolean lid;

    /** It stays on at least until then [s from sitting down]. */
    private int lidUntil;

    Broth(Kind kind) {
        this.kind = kind;
        this.lossWPerK = LOSS_W_PER_M2_K * kind.outsideM2();
        this.simmerC = StrictMath.floor((kind.keptC() - 2) * 2) / 2;
        this.recoveredC = (simmerC + kind.keptC()) / 2;
    }

    /** As it stands on the table before the first thing goes in. */
    void begin() {
        celsius = kind.keptC();
        grams = kind.fillG();
        thinJPerK = 0;
        foodMl = 0;
        lumpCount = 0;
        dry = false;
        lid = false;
        lidUntil = Integer.MIN_VALUE;
    }

    double celsius() {
        return celsius;
    }

    double grams() {
        return grams;
    }

    double foodMl() {
        return foodMl;
    }

    boolean isDry() {
        return dry;
    }

    boolean isOverTheBrim() {
        return grams + foodMl > kind.brimMl() + 1;
    }

    boolean hasLostItsSimmer() {
        return celsius < simmerC;
    }

    /** Well above a simmer, so that nobody turns the heat to and fro. */
    boolean hasRecovered() {
        return celsius >= recoveredC;
    }

    private double joulePerK() {
        return grams * BROTH_J_PER_G_K + thinJPerK;
    }

    /** Food that takes the broth's temperature at once. */
    void mix(double foodG, double ml, double startC) {
        foodMl += ml;
        double food = foodG * FOOD_J_PER_G_K;
        double broth = joulePerK();
        double ice = startC < FREEZES_C ? foodG * MELTING_J_PER_G : 0;
        double mixed =
                (broth * celsius + food * Math.max(startC, FREEZES_C) - ice - chill(foodG, startC)) / (broth + food);
        celsius = Math.max(mixed, Math.min(celsius, FREEZES_C));
        thinJPerK += food;
    }

    /** What ice takes to come up to where it melts [J]. */
    private static double chill(double foodG, double startC) {
        return startC < FREEZES_C ? foodG * ICE_J_PER_G_K * (FREEZES_C - startC) : 0;
    }

    /** @param warmsWithin time constant [s] */
    void lump(int load, double foodG, double ml, double startC, double warmsWithin) {
        foodMl += ml;
        if (lumpCount == lumps.length) {
            lumps = Arrays.copyOf(lumps, 2 * lumps.length);
        }
        Lump lump = lumps[lumpCount];
        if (lump == null) {
            lump = new Lump();
            lumps[lumpCount] = lump;
        }
        lumpCount++;
        lump.load = load;
        lump.grams = foodG;
        lump.wattsPerK = foodG * FOOD_J_PER_G_K / Math.max(1, warmsWithin);
        lump.kelvinPerJ = 1 / (foodG * FOOD_J_PER_G_K);
        lump.celsius = Math.max(startC, FREEZES_C);
        lump.iceJ = startC < FREEZES_C ? foodG * MELTING_J_PER_G + chill(foodG, startC) : 0;
    }

    /** Part of a load leaves, with the broth that clings to it and what it has taken up; leaves give juice. */
    void takeOut(int load, boolean thin, double foodG, double ml, double clings, double gives) {
        foodMl = Math.max(0, foodMl - ml);
        if (thin) {
            thinJPerK = Math.max(0, thinJPerK - foodG * FOOD_J_PER_G_K);
        } else {
            lighten(load, foodG);
        }
        grams = Math.max(0, grams - clings) + gives;
    }

    private void lighten(int load, double foodG) {
        for (int i = 0; i < lumpCount; i++) {
            Lump lump = lumps[i];
            if (lump.load == load) {
                double left = Math.max(0, lump.grams - foodG) / lump.grams;
                lump.wattsPerK *= left;
                lump.iceJ *= left;
                lump.grams *= left;
                lump.kelvinPerJ /= left;
                if (lump.grams < 1e-6) {
                    lumps[i] = lumps[--lumpCount];
                    lumps[lumpCount] = lump;
                }
                return;
            }
        }
    }

    void pour(double ml) {
        double own = ml * BROTH_J_PER_G_K;
        celsius = (joulePerK() * celsius + own * KETTLE_C) / (joulePerK() + own);
        grams += ml;
    }

    void ladle(double ml) {
        grams = Math.max(0, grams - ml);
    }

    /** Something went in under which the lid may go on until the simmer is back, and no sooner than then [s]. */
    void cover(int until) {
        lid = true;
        lidUntil = Math.max(lidUntil, until);
    }

    /**
     * A second under a heat [W]; a dry side is followed no further.
     *
     * @param full the heat is on full, so that the lid is on where it may
     */
    void second(int second, double watts, boolean full) {
        dry |= grams < DRY_SHARE * kind.fillG();
        if (dry) {
            return;
        }
        double open =
                full && lid || celsius >= kind.boilC() ? 0 : Math.min(kind.steamW(), openW(kind.openM2(), celsius));
        double holds = joulePerK();
        celsius += (watts - open - lossWPerK * (celsius - AIR_C)) / holds;
        double leaves = open;
        if (celsius > kind.boilC()) {
            leaves += (celsius - kind.boilC()) * holds;
            celsius = kind.boilC();
        }
        grams = Math.max(0, grams - leaves * G_PER_J);
        double all = joulePerK();
        double kelvinPerJ = 1 / all;
        for (int i = 0; i < lumpCount; i++) {
            Lump lump = lumps[i];
            double flow = Math.min(lump.wattsPerK, all) * (celsius - lump.celsius);
            double melts = lump.iceJ > 0 && flow > 0 ? Math.min(lump.iceJ, flow) : 0;
            lump.iceJ -= melts;
            lump.celsius += (flow - melts) * lump.kelvinPerJ;
            celsius -= flow * kelvinPerJ;
        }
        lid &= celsius < simmerC || second < lidUntil;
    }

    private static double openW(double openM2, double celsius) {
        return openM2 * OPEN_W_PER_M2_PA * Math.max(0, pascal(celsius) - AIR_PASCAL);
    }

    /** Saturated vapour over water [Pa], between whole degrees by a straight line. */
    static double pascal(double celsius) {
        double at = Math.max(0, Math.min(TABLE_C - 1e-9, celsius));
        int below = (int) at;
        return PASCAL[below] + (at - below) * (PASCAL[below + 1] - PASCAL[below]);
    }

    /** Antoine's equation for water between 1 and 100 °C, in mm of mercury (Dean, Lange's Handbook of Chemistry). */
    private static double[] pressures() {
        double[] table = new double[TABLE_C + 1];
        for (int celsius = 0; celsius <= TABLE_C; celsius++) {
            table[celsius] = 133.322 * StrictMath.pow(10, 8.07131 - 1730.63 / (233.426 + celsius));
        }
        return table;
    }
}
