package org.livelyladle.core.portions;

import java.util.List;
import java.util.Optional;
import org.livelyladle.core.measure.Figure;

/**
 * Who gets how much of what.
 *
 * @param eaters guests counted as regular eaters [1]
 * @param food all that is served [g]
 */
public record Portions(
        Figure eaters,
        Figure food,
        List<GuestTotal> guests,
        List<CutTotal> cuts,
        List<Portion> lines,
        List<Barred> barred,
        List<BeatenPin> beatenPins) {

    public Portions {
        guests = List.copyOf(guests);
        cuts = List.copyOf(cuts);
        lines = List.copyOf(lines);
        barred = List.copyOf(barred);
        beatenPins = List.copyOf(beatenPins);
    }

    public Optional<CutTotal> total(String cut) {
        return cuts.stream().filter(total -> total.cut().equals(cut)).findFirst();
    }

    /** A pinned portion a harder rule beats, with the nearest grams that hold [g]. */
    public record BeatenPin(String guest, String cut, double wantedGrams, double nearestGrams, String rule) {}
}
