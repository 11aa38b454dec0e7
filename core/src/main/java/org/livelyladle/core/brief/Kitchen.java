package org.livelyladle.core.brief;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;

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
        int ringWatts,
        @Key("id") @Nullable List<Circuit> circuits,
        @Nullable Integer rings,
        @Nullable Integer ovens,
        @Nullable Integer sinks,
        @Nullable Integer boards,
        @Nullable Integer fridgeLitres,
        @Nullable Integer freezerLitres) {
    /** A kitchen nobody has described; memory. */
    public static final Kitchen USUAL = new Kitchen(2000, null, 4, 1, 1, 2, 60, 20);

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
        range(rings, "rings", 1, 12);
        range(ovens, "ovens", 0, 4);
        range(sinks, "sinks", 1, 4);
        range(boards, "boards", 1, 10);
        range(fridgeLitres, "fridgeLitres", 1, 1000);
        range(freezerLitres, "freezerLitres", 0, 1000);
    }

    private static void range(@Nullable Integer value, String field, int min, int max) {
        if (value != null) {
            Check.range(value, field, min, max);
        }
    }

    /** How many there are of a station, or litres of it. */
    public int count(Station station) {
        Integer own = switch (station) {
            case NONE -> Integer.valueOf(Integer.MAX_VALUE);
            case VEGETABLE_BOARD, RAW_MEAT_BOARD, RAW_FISH_BOARD -> boards;
            case SINK -> sinks;
            case RING -> rings;
            case OVEN -> ovens;
            case FRIDGE -> fridgeLitres;
            case FREEZER -> freezerLitres;
        };
        return own == null ? USUAL.count(station) : own;
    }
}
