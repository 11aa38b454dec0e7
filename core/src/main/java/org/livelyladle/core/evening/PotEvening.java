package org.livelyladle.core.evening;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.kettle.HeatPhase;
import org.livelyladle.core.measure.Figure;

/**
 * One pot and its heat.
 *
 * @param boilTable from cold to the boil at the table; null when its heat does not get there [min]
 * @param setting part of full that keeps it at a simmer [%]
 * @param energy what it takes from the cartridge or the socket at the table [kWh]
 * @param cartridges of 220 g; null without butane
 * @param phases of heat from sitting down on
 */
public record PotEvening(
        String pot,
        @Nullable Figure boilTable,
        Figure setting,
        Figure energy,
        @Nullable Figure cartridges,
        List<HeatPhase> phases,
        List<SideEvening> sides) {

    public PotEvening {
        phases = List.copyOf(phases);
        sides = List.copyOf(sides);
    }

    /** What it takes in cartridges, in parts of one too [1]. */
    public double burns() {
        return energy.value() / FuelPlanner.CARTRIDGE_KWH;
    }
}
