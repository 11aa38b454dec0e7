package org.livelyladle.core.rehearsal;

import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Within;

/**
 * How often somebody slips, and how badly.
 *
 * @param takenOutLate half of what is looked after for others comes out later than this [s]; what is held in chopsticks
 *     after a quarter of it
 * @param putInLate half of what is put in goes in later than this [s]
 * @param forgets chance that a basket is forgotten, or a broth is not topped up when it should be [1]
 * @param foundAfter when what was forgotten is found, in the mean [s]
 * @param tooMuch chance that half as much again goes in at once [1]
 * @param letsGo chance that a slice slips out of the chopsticks and is lost [1]
 * @param awayPerHour how often somebody leaves the table [1/h]
 * @param awaySeconds for how long, in the mean [s]
 */
public record Slips(
        @Within(min = 0, max = 600) double takenOutLate,
        @Within(min = 0, max = 600) double putInLate,
        @Within(min = 0, max = 1) double forgets,
        @Within(min = 0, max = 3600) double foundAfter,
        @Within(min = 0, max = 1) double tooMuch,
        @Within(min = 0, max = 1) double letsGo,
        @Within(min = 0, max = 20) double awayPerHour,
        @Within(min = 0, max = 3600) double awaySeconds) {
    private static final Ranges RANGES = Ranges.of(Slips.class);

    public Slips {
        RANGES.check("takenOutLate", takenOutLate);
        RANGES.check("putInLate", putInLate);
        RANGES.check("forgets", forgets);
        RANGES.check("foundAfter", foundAfter);
        RANGES.check("tooMuch", tooMuch);
        RANGES.check("letsGo", letsGo);
        RANGES.check("awayPerHour", awayPerHour);
        RANGES.check("awaySeconds", awaySeconds);
    }

    /** Somebody who never slips. */
    public static Slips none() {
        return new Slips(0, 0, 0, 0, 0, 0, 0, 0);
    }
}
