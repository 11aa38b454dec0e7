package org.livelyladle.server.market;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.Shop;

/**
 * What the market says against the prices a party is planned with.
 *
 * @param state whether there is something to take over
 * @param asOf of when the prices are that serve now
 * @param message the same in a sentence
 * @param edit what taking it over would put into the brief; null when there is nothing
 * @param effect what that would change
 */
record MarketNews(
        State state,
        LocalDate asOf,
        String message,
        @Nullable Edit edit,
        @Nullable Effect effect) {
    enum State {
        /** New prices can be taken over. */
        NEW,
        /** The party has the market's prices already. */
        CURRENT,
        /** The market is away; the last prices serve. */
        AWAY
    }

    /** Prices and opening hours for the brief. */
    record Edit(PriceSnapshot prices, List<Shop> shops) {}

    /**
     * What the edit would do.
     *
     * @param billBefore the bill as planned now
     * @param billAfter the bill with the new prices
     * @param changes prices that move, of what is on the list
     * @param soldOut on the list and not on the shelf
     * @param deals deals that would be used
     */
    record Effect(
            String billBefore, String billAfter, List<Change> changes, List<String> soldOut, List<String> deals) {}

    /** A price that moves, as the list shows it. */
    record Change(String name, String was, String now) {}
}
