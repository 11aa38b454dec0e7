package org.livelyladle.server.exchange;

import java.util.List;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PantryItem;

/**
 * What a file would bring in; nothing is stored. The host takes over the good rows by an edit.
 *
 * @param rows every row with what it says or what is wrong with it
 */
record ImportPreview(List<Row> rows, List<Guest> guests, List<PantryItem> pantry, List<Offer> offers) {
    ImportPreview {
        rows = List.copyOf(rows);
        guests = List.copyOf(guests);
        pantry = List.copyOf(pantry);
        offers = List.copyOf(offers);
    }

    /**
     * One row of the file.
     *
     * @param number line of a CSV file, or place of a card, from 1
     * @param good false when it is left out
     * @param text what it says, or what is wrong and what is accepted
     */
    record Row(long number, boolean good, String text) {}
}
