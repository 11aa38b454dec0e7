package org.livelyladle.core.portions;

import java.util.List;
import java.util.Optional;
import org.livelyladle.core.measure.Figure;

/**
 * Who gets how much of what.
 *
 * @param eaters guests counted as regular eaters [1]
 * @param food all that is served [g]
 * @param trades what is served in place of something else, as decided
 */
public record Portions(
        Figure eaters,
        Figure food,
        List<GuestTotal> guests,
        List<CutTotal> cuts,
        List<Portion> lines,
        List<Barred> barred,
        List<BeatenPin> beatenPins,
        List<Traded> trades) {

    public Portions {
        guests = List.copyOf(guests);
        cuts = List.copyOf(cuts);
        lines = List.copyOf(lines);
        barred = List.copyOf(barred);
        beatenPins = List.copyOf(beatenPins);
        trades = List.copyOf(trades);
    }

    public Optional<CutTotal> total(String cut) {
        return cuts.stream().filter(total -> total.cut().equals(cut)).findFirst();
    }

    /**
     * A trade as far as it can be made.
     *
     * @param grams what is moved from one cut to the other [g]
     */
    public record Traded(String shortOf, String by, double grams, String text) {}

    /** A pinned portion a harder rule beats, with the nearest grams that hold [g]. */
    public record BeatenPin(String guest, String cut, double wantedGrams, double nearestGrams, String rule) {}
}
