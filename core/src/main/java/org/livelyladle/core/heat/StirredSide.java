package org.livelyladle.core.heat;

/**
 * A side of broth as one stirred mass, carried forward second by second: {@code C dT/dt = P - UA (T - Tair)} with C the
 * heat capacities of broth and food together, solved exactly within each second; at the boil the surplus evaporates
 * broth at {@value #LATENT_J_PER_G} J/g. Below the boil an open surface evaporates after Carrier's correlation for still
 * air (ASHRAE Handbook, HVAC Applications, indoor pools): {@code w = A (ps - pa) 0.089 / h} with vapour pressures in kPa,
 * h in kJ/kg and w in kg/s, under air of half its saturation, taken as constant within a second. Used by one thread.
 */
public final class StirredSide {
    /** Latent heat at the boil [J/g]; IAPWS-IF97 gives 2256.5 at 100 °C. */
    public static final double LATENT_J_PER_G = 2257;

    private static final double CARRIER_W_PER_M2_PA = 0.089;
    private static final double HUMIDITY = 0.5;
    /** No rounding bridges such a difference [K]. */
    private static final double CLEARLY_K = 0.01;

    private static final double G_PER_KG = 1000;
    /** Critical point of water. */
    private static final double CRITICAL_K = 647.096;

    private static final double CRITICAL_PA = 22.064e6;

    private final double boilC;
    private final double airC;
    /** Vapour in the air above it [Pa]. */
    private final double airPressurePa;

    private final double lossWPerK;
    private final double specificHeatJPerKgK;
    private double brothG;
    /** Heat capacity of all food that has taken the broth's temperature [J/K]. */
    private double foodJPerK;

    private double celsius;
    /** For this surface and this much at most, hotter broth than this gives off the most: pressure rises with heat. */
    private double cappedOpenM2;

    private double cappedVapourW;
    private double cappedC = Double.MAX_VALUE;

    /**
     * @param brothG at the start [g]
     * @param celsius its temperature [°C]
     * @param lossWPerK dry loss to the room [W/K]
     */
    public StirredSide(
            double brothG, double celsius, double boilC, double airC, double lossWPerK, double specificHeatJPerKgK) {
        this.brothG = brothG;
        this.celsius = celsius;
        this.boilC = boilC;
        this.airC = airC;
        this.airPressurePa = HUMIDITY * pressurePa(airC);
        this.lossWPerK = lossWPerK;
        this.specificHeatJPerKgK = specificHeatJPerKgK;
    }

    public double celsius() {
        return celsius;
    }

    public double brothG() {
        return brothG;
    }

    /** Dry loss at the boil [W]. */
    public double lossAtBoilW() {
        return lossWPerK * (boilC - airC);
    }

    /** What keeps it at a temperature: the dry loss and what leaves with vapour, so much at the boil and at most below [W]. */
    public double holdingW(double keptC, double openM2, double mostVapourW) {
        double vapour = keptC < boilC ? vapourW(keptC, openM2, mostVapourW) : mostVapourW;
        return lossWPerK * (keptC - airC) + vapour;
    }

    private double vapourW(double at, double openM2, double mostVapourW) {
        if (openM2 == 0) {
            return 0;
        }
        if (openM2 == cappedOpenM2 && mostVapourW == cappedVapourW && at > cappedC) {
            return mostVapourW;
        }
        double driving = Math.max(0, pressurePa(at) - airPressurePa);
        double vapourW = openM2 * CARRIER_W_PER_M2_PA * driving;
        if (vapourW < mostVapourW) {
            return vapourW;
        }
        cappedOpenM2 = openM2;
        cappedVapourW = mostVapourW;
        cappedC = at + CLEARLY_K;
        return mostVapourW;
    }

    /** It was found at another temperature, no higher than its boil [°C]. */
    public void becomes(double found) {
        celsius = Math.min(found, boilC);
    }

    /** It was found to hold so much broth [g]. */
    public void holds(double found) {
        brothG = found;
    }

    /** Food that takes the broth's temperature at once and stays in it. */
    public void mixFood(double joulePerK, double startC) {
        celsius = (capacityJPerK() * celsius + joulePerK * startC) / (capacityJPerK() + joulePerK);
        foodJPerK += joulePerK;
    }

    /** Food that is taken out, as hot as the broth. */
    public void removeFood(double joulePerK) {
        foodJPerK = Math.max(0, foodJPerK - joulePerK);
    }

    /** Liquid poured in, no hotter than it boils here. */
    public void pour(double grams, double startC) {
        double own = grams / G_PER_KG * specificHeatJPerKgK;
        celsius = (capacityJPerK() * celsius + own * Math.min(boilC, startC)) / (capacityJPerK() + own);
        brothG += grams;
    }

    /** Broth that leaves, no more than there is; what left [g]. */
    public double takeOut(double grams) {
        double taken = Math.min(grams, brothG);
        brothG -= taken;
        return taken;
    }

    /** Heat drawn by melting ice: the broth gets no colder than that by it [J]. */
    public void melt(double joules) {
        celsius = Math.max(Math.min(celsius, 0), celsius - joules / capacityJPerK());
    }

    /** Heat drawn by food that warms more slowly than the broth mixes [J]. */
    public void draw(double joules) {
        celsius -= joules / capacityJPerK();
    }

    /**
     * One second under a power.
     *
     * @param powerW heat that reaches it [W]
     * @param openM2 its open surface; 0 under a lid [m2]
     * @param mostVapourW heat that leaves with vapour below the boil at most [W]
     * @return what evaporated [g]
     */
    public double second(double powerW, double openM2, double mostVapourW) {
        double vapourW = celsius < boilC ? vapourW(celsius, openM2, mostVapourW) : 0;
        double atBoil = heat(powerW - vapourW);
        double evaporated = vapourW / LATENT_J_PER_G;
        if (atBoil > 0) {
            evaporated += Math.max(0, powerW - vapourW - lossAtBoilW()) * atBoil / LATENT_J_PER_G;
        }
        return takeOut(evaporated);
    }

    /** Heat capacity of the broth and all that has its temperature [J/K]. */
    public double capacityJPerK() {
        return brothG / G_PER_KG * specificHeatJPerKgK + foodJPerK;
    }

    /** Warms or cools for a second under a power [W]; what is left of the second once it boils [s]. */
    private double heat(double power) {
        double capacity = capacityJPerK();
        double net = power - lossWPerK * (celsius - airC);
        if (celsius >= boilC && net >= 0) {
            return 1;
        }
        if (lossWPerK == 0) {
            double next = celsius + net / capacity;
            double rest = next > boilC ? 1 - (boilC - celsius) * capacity / net : 0;
            celsius = Math.min(boilC, next);
            return rest;
        }
        double rest = airC + power / lossWPerK;
        double next = rest + (celsius - rest) * StrictMath.exp(-lossWPerK / capacity);
        double left = 0;
        if (next > boilC) {
            left = 1 - capacity / lossWPerK * StrictMath.log((celsius - rest) / (boilC - rest));
            next = boilC;
        }
        celsius = next;
        return left;
    }

    /** Saturation vapour pressure of water [Pa]; Wagner and Pruss, J. Phys. Chem. Ref. Data 31 (2002), 387, equation 2.5. */
    private static double pressurePa(double celsius) {
        double kelvin = celsius + 273.15;
        double far = 1 - kelvin / CRITICAL_K;
        double root = StrictMath.sqrt(far);
        double cube = far * far * far;
        double sum = -7.85951783 * far
                + 1.84408259 * far * root
                - 11.7866497 * cube
                + 22.6807411 * cube * root
                - 15.9618719 * cube * far
                + 1.80122502 * cube * cube * far * root;
        return CRITICAL_PA * StrictMath.exp(CRITICAL_K / kelvin * sum);
    }
}
