package org.livelyladle.core.heat;

import org.livelyladle.core.check.Check;

/**
 * Where salted water boils at an altitude: pressure of the ISO 2533 standard atmosphere, saturation temperature of
 * IAPWS-IF97 region 4, salt by ebullioscopy as an ideal solution of its two ions.
 */
public final class BoilingPoint {
    /** ISO 2533: pressure [Pa], temperature [K] and lapse rate [K/m] at sea level, and g M / (R L). */
    private static final double SEA_LEVEL_PA = 101_325;

    private static final double SEA_LEVEL_K = 288.15;
    private static final double LAPSE_K_PER_M = 0.0065;
    private static final double EXPONENT = 5.255880;
    private static final double KELVIN = 273.15;
    /** Molar mass of sodium chloride [g/mol] and ebullioscopic constant of water [K kg/mol]; published in handbooks. */
    private static final double SALT_G_PER_MOL = 58.443;

    private static final double EBULLIOSCOPIC = 0.512;
    private static final int IONS = 2;
    /** IAPWS-IF97, table 34. */
    private static final double[] N = {
        0,
        0.11670521452767e4,
        -0.72421316703206e6,
        -0.17073846940092e2,
        0.12020824702470e5,
        -0.32325550322333e7,
        0.14915108613530e2,
        -0.48232657361591e4,
        0.40511340542057e6,
        -0.23855557567849,
        0.65017534844798e3
    };

    private BoilingPoint() {}

    /**
     * Boiling point [°C].
     *
     * @param altitudeM above sea level, -400 to 5000 [m]
     * @param saltPercent salt in the broth, 0 to 20 [g per 100 g of solution]
     */
    public static double celsius(double altitudeM, double saltPercent) {
        Check.range(altitudeM, "altitudeM", -400, 5000);
        Check.range(saltPercent, "saltPercent", 0, 20);
        double molality = saltPercent / (100 - saltPercent) * 1000 / SALT_G_PER_MOL;
        return saturationC(pressurePa(altitudeM)) + IONS * EBULLIOSCOPIC * molality;
    }

    static double pressurePa(double altitudeM) {
        return SEA_LEVEL_PA * StrictMath.pow(1 - LAPSE_K_PER_M * altitudeM / SEA_LEVEL_K, EXPONENT);
    }

    /** IAPWS-IF97 equation 31. */
    static double saturationC(double pressurePa) {
        double b = StrictMath.pow(pressurePa / 1e6, 0.25);
        double e = b * b + N[3] * b + N[6];
        double f = N[1] * b * b + N[4] * b + N[7];
        double g = N[2] * b * b + N[5] * b + N[8];
        double d = 2 * g / (-f - StrictMath.sqrt(f * f - 4 * e * g));
        double sum = N[10] + d;
        return (sum - StrictMath.sqrt(sum * sum - 4 * (N[9] + N[10] * d))) / 2 - KELVIN;
    }
}
