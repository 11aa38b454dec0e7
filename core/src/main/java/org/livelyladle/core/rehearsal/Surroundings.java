package org.livelyladle.core.rehearsal;

import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * What happens to a table whoever sits there.
 *
 * @param weakHeat chance that the heat under a pot is weak all evening [1]
 * @param weakShare what is left of it then [1]
 * @param gustsPerHour how often a draught or a flickering flame takes heat from a gas stove [1/h]
 * @param gustSeconds for how long, in the mean [s]
 * @param gustShare what is left of the heat meanwhile [1]
 * @param begunCartridge chance that a gas stove starts on a cartridge that is begun already, with any part of it left [1]
 * @param changingSeconds how long the heat is out while an empty cartridge is changed [s]
 * @param lateGuest chance that a guest comes late [1]
 * @param lateSeconds by how much, in the mean [s]
 * @param fullEarly chance that a guest is full before the portion is eaten [1]
 * @param fullShare what has been eaten of it by then [1]
 * @param probeLies chance that what tells the temperature of a side tells it too high all evening [1]
 * @param probeKelvin by how much [K]
 */
public record Surroundings(
        @Within(min = 0, max = 1) @Usual("0.05") double weakHeat,
        @Within(min = 0, max = 1) @Usual("0.75") double weakShare,
        @Within(min = 0, max = 60) @Usual("0.5") double gustsPerHour,
        @Within(min = 0, max = 3600) @Usual("120") double gustSeconds,
        @Within(min = 0, max = 1) @Usual("0.6") double gustShare,
        @Within(min = 0, max = 1) @Usual("0.1") double begunCartridge,
        @Within(min = 0, max = 1800) @Usual("60") double changingSeconds,
        @Within(min = 0, max = 1) @Usual("0.05") double lateGuest,
        @Within(min = 0, max = 7200) @Usual("600") double lateSeconds,
        @Within(min = 0, max = 1) @Usual("0.1") double fullEarly,
        @Within(min = 0, max = 1) @Usual("0.75") double fullShare,
        @Within(min = 0, max = 1) @Usual("0.05") double probeLies,
        @Within(min = 0, max = 20) @Usual("4") double probeKelvin) {
    private static final Ranges RANGES = Ranges.of(Surroundings.class);

    public Surroundings {
        RANGES.check("weakHeat", weakHeat);
        RANGES.check("weakShare", weakShare);
        RANGES.check("gustsPerHour", gustsPerHour);
        RANGES.check("gustSeconds", gustSeconds);
        RANGES.check("gustShare", gustShare);
        RANGES.check("begunCartridge", begunCartridge);
        RANGES.check("changingSeconds", changingSeconds);
        RANGES.check("lateGuest", lateGuest);
        RANGES.check("lateSeconds", lateSeconds);
        RANGES.check("fullEarly", fullEarly);
        RANGES.check("fullShare", fullShare);
        RANGES.check("probeLies", probeLies);
        RANGES.check("probeKelvin", probeKelvin);
    }

    /** A table to which nothing happens. */
    public static Surroundings none() {
        return new Surroundings(0, 1, 0, 0, 1, 0, 0, 0, 0, 0, 1, 0, 0);
    }
}
