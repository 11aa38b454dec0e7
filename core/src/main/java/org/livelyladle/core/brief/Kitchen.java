package org.livelyladle.core.brief;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the house has besides pots.
 *
 * @param ringWatts strongest ring of the kitchen stove [W]
 * @param circuits fuses the table's electric heat is plugged into; none when left out
 */
public record Kitchen(int ringWatts, @Nullable List<Circuit> circuits) {
    /** A kitchen nobody has described; memory. */
    public static final Kitchen USUAL = new Kitchen(2000, null);

    /** Part of a ring's rating that reaches a lidded pot; memory. */
    public static final double RING_EFFICIENCY = 0.7;

    /**
     * One fuse.
     *
     * @param watts what the host reads on it, amperes times volts [W]
     */
    public record Circuit(String id, String name, int watts) {
        public Circuit {
            Check.id(id, "id");
            name = Check.text(name, "name", 40);
            Check.range(watts, "watts", 500, 20_000);
        }
    }

    public Kitchen {
        Check.range(ringWatts, "ringWatts", 500, 6000);
        circuits = Check.distinct(circuits, "circuits", 10, Circuit::id);
    }
}
