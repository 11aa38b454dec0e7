package org.livelyladle.core.catalogue;

/**
 * Why a raw cut has to be cooked through, and the core temperature [°C] it must reach. Temperatures held for no time
 * at all, since a slice is eaten at once: FDA Food Code 2022, 3-401.11 (70 °C for under a second); poultry and filled
 * items 74 °C; minced meat, fish paste and eggs 71 °C and fish 63 °C after USDA FSIS safe minimum internal temperatures.
 */
public enum RawRisk {
    NONE(0, "no raw risk"),
    WHOLE_CUT(70, "whole cut, no rest"),
    MINCED(71, "minced meat or fish paste"),
    POULTRY(74, "poultry"),
    FILLED(74, "raw filling"),
    FISH(63, "fish"),
    SHELLFISH(63, "shellfish"),
    EGG(71, "raw egg");

    private final int minimumCoreC;
    private final String label;

    RawRisk(int minimumCoreC, String label) {
        this.minimumCoreC = minimumCoreC;
        this.label = label;
    }

    /** Lowest core temperature the loader accepts for such a cut [°C]. */
    public int minimumCoreC() {
        return minimumCoreC;
    }

    public String label() {
        return label;
    }
}
