package org.livelyladle.core.portions;

import java.util.List;
import java.util.Optional;
import org.livelyladle.core.brief.Amount;
import org.livelyladle.core.measure.Figure;

/**
 * Who gets how much of what.
 *
 * @param eaters guests counted as regular eaters [1]
 * @param food all that is served [g]
 * @param trades what is served in place of something else, as decided
 * @param wordless amounts in packs that no shop's prices know; they are shared by the portions
 * @param full guests for whom no food of the menu can take more, with what is left unplanned
 */
public record Portions(
        Figure eaters,
        Figure food,
        List<GuestTotal> guests,
        List<CutTotal> cuts,
        List<Portion> lines,
        List<Barred> barred,
        List<BeatenPin> beatenPins,
        List<Traded> trades,
        List<Wordless> wordless,
        List<Full> full) {

    public Portions {
        guests = List.copyOf(guests);
        cuts = List.copyOf(cuts);
        lines = List.copyOf(lines);
        barred = List.copyOf(barred);
        beatenPins = List.copyOf(beatenPins);
        trades = List.copyOf(trades);
        wordless = List.copyOf(wordless);
        full = List.copyOf(full);
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

    /** So much of a cut is wanted, and nobody knows what a pack of it weighs. */
    public record Wordless(String cut, Amount amount) {}

    /** One eats only so much of each food: so many grams of a guest's usual amount are not planned [g]. */
    public record Full(String guest, double grams) {}

    /** A pinned portion a harder rule beats, with the nearest grams that hold [g]. */
    public record BeatenPin(String guest, String cut, double wantedGrams, double nearestGrams, String rule) {}
}
