package org.livelyladle.core.brief;

import java.util.List;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * What the house has besides pots. What is left out is as usual.
 *
 * @param ringWatts strongest ring of the kitchen stove [W]
 * @param circuits fuses the table's electric heat is plugged into; none when left out
 * @param rings of the kitchen stove that can be lit at once
 * @param boards cutting boards
 * @param fridgeLitres room in the fridge for this party [l]
 * @param freezerLitres room in the freezer for this party [l]
 */
public record Kitchen(
        @Within(min = 500, max = 6000) @Usual("2000") int ringWatts,
        @Key("id") @Usual("[]") List<Circuit> circuits,
        @Within(min = 1, max = 12) @Usual("4") int rings,
        @Within(min = 0, max = 4) @Usual("1") int ovens,
        @Within(min = 1, max = 4) @Usual("1") int sinks,
        @Within(min = 1, max = 10) @Usual("2") int boards,
        @Within(min = 1, max = 1000) @Usual("60") int fridgeLitres,
        @Within(min = 0, max = 1000) @Usual("20") int freezerLitres) {
    private static final Ranges RANGES = Ranges.of(Kitchen.class);
    /** A kitchen nobody has described; memory. */
    public static final Kitchen USUAL = new Kitchen(2000, List.of(), 4, 1, 1, 2, 60, 20);

    /** Part of a ring's rating that reaches a lidded pot; memory. */
    public static final double RING_EFFICIENCY = 0.7;

    /**
     * One fuse.
     *
     * @param watts what the host reads on it, amperes times volts [W]
     */
    public record Circuit(
            String id,
            String name,
            @Within(min = 500, max = 20000) int watts) {
        private static final Ranges RANGES = Ranges.of(Circuit.class);

        public Circuit {
            Check.id(id, "id");
            name = Check.text(name, "name", 40);
            RANGES.check("watts", watts);
        }
    }

    public Kitchen {
        RANGES.check("ringWatts", ringWatts);
        circuits = Check.distinct(circuits, "circuits", 10, Circuit::id);
        RANGES.check("rings", rings);
        RANGES.check("ovens", ovens);
        RANGES.check("sinks", sinks);
        RANGES.check("boards", boards);
        RANGES.check("fridgeLitres", fridgeLitres);
        RANGES.check("freezerLitres", freezerLitres);
    }

    /** How many there are of a station, or litres of it. */
    public int count(Station station) {
        return switch (station) {
            case NONE -> Integer.MAX_VALUE;
            case VEGETABLE_BOARD, RAW_MEAT_BOARD, RAW_FISH_BOARD -> boards;
            case SINK -> sinks;
            case RING -> rings;
            case OVEN -> ovens;
            case FRIDGE -> fridgeLitres;
            case FREEZER -> freezerLitres;
        };
    }
}
