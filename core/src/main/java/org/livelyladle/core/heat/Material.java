package org.livelyladle.core.heat;

import org.livelyladle.core.check.Check;

/**
 * Thermal properties of a food.
 *
 * @param conductivityWPerMK above freezing [W/mK]
 * @param densityKgPerM3 frozen or not [kg/m3]
 * @param specificHeatJPerKgK above freezing [J/kgK]
 * @param waterShare mass of water that freezes, of all mass [1]
 * @param freezingC where it freezes [°C]
 * @param frozenConductivityWPerMK below freezing [W/mK]
 * @param frozenSpecificHeatJPerKgK below freezing [J/kgK]
 */
public record Material(
        Double conductivityWPerMK,
        Double densityKgPerM3,
        Double specificHeatJPerKgK,
        Double waterShare,
        Double freezingC,
        Double frozenConductivityWPerMK,
        Double frozenSpecificHeatJPerKgK) {
    /** Latent heat of water [J/kg]; memory, 334 kJ/kg in common tables. */
    private static final double LATENT_J_PER_KG = 334_000;

    private static final double TINY = 1e-6;

    public Material {
        positive(conductivityWPerMK, "conductivityWPerMK", 1000);
        positive(densityKgPerM3, "densityKgPerM3", 30_000);
        positive(specificHeatJPerKgK, "specificHeatJPerKgK", 100_000);
        positive(waterShare, "waterShare", 1);
        Check.range(Check.present(freezingC, "freezingC"), "freezingC", -60, 0);
        positive(frozenConductivityWPerMK, "frozenConductivityWPerMK", 1000);
        positive(frozenSpecificHeatJPerKgK, "frozenSpecificHeatJPerKgK", 100_000);
    }

    /** Lean meat, from memory. */
    public static Material lean() {
        return new Material(0.48, 1050.0, 3500.0, 0.75, -1.5, 1.4, 2000.0);
    }

    private static void positive(Double value, String field, double most) {
        Check.range(Check.present(value, field), field, TINY, most);
    }

    /** Thermal diffusivity above freezing [m2/s]. */
    double diffusivity() {
        return conductivityWPerMK / (densityKgPerM3 * specificHeatJPerKgK);
    }

    /** Enthalpy taken up while it thaws [J/kg]. */
    public double latentHeat() {
        return LATENT_J_PER_KG * waterShare;
    }

    /** Temperature [°C] at an enthalpy [J/kg], counted from frozen at the freezing point. */
    public double temperature(double enthalpy) {
        if (enthalpy <= 0) {
            return freezingC + enthalpy / frozenSpecificHeatJPerKgK;
        }
        double latent = latentHeat();
        return enthalpy < latent ? freezingC : freezingC + (enthalpy - latent) / specificHeatJPerKgK;
    }

    /** Enthalpy [J/kg] at a temperature [°C]; at the freezing point itself all is thawed. */
    public double enthalpy(double temperature) {
        return temperature < freezingC
                ? (temperature - freezingC) * frozenSpecificHeatJPerKgK
                : latentHeat() + (temperature - freezingC) * specificHeatJPerKgK;
    }

    /** Conductivity [W/mK] at an enthalpy, by the share that is thawed. */
    double conductivity(double enthalpy) {
        double thawed = Math.min(1, Math.max(0, enthalpy / latentHeat()));
        return frozenConductivityWPerMK + thawed * (conductivityWPerMK - frozenConductivityWPerMK);
    }
}
