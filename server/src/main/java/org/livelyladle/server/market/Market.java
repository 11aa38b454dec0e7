package org.livelyladle.server.market;

import java.time.LocalDate;

/** The port to a market. */
interface Market {
    /**
     * Prices of a day.
     *
     * @throws MarketAwayException when the market does not answer in time, or nothing that can be used
     */
    MarketReply prices(LocalDate day);

    /** The market cannot be asked now; the message says why in plain words. */
    final class MarketAwayException extends RuntimeException {
        MarketAwayException(String message, Throwable cause) {
            super(message, cause);
        }

        MarketAwayException(String message) {
            super(message);
        }
    }
}
