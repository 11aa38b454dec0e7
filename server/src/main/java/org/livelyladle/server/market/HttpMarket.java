package org.livelyladle.server.market;

import java.net.URI;
import java.time.Duration;
import java.time.LocalDate;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.web.HttpAsk;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A market over HTTP. */
final class HttpMarket implements Market {
    private static final int MOST_BYTES = 2_000_000;

    private final URI address;
    private final JsonMapper mapper;
    private final HttpAsk http;

    /** @param timeout for the whole answer */
    HttpMarket(URI address, Duration timeout, JsonMapper mapper) {
        this.address = address;
        this.mapper = mapper;
        this.http = new HttpAsk(timeout, MOST_BYTES);
    }

    @Override
    public MarketReply prices(LocalDate day) {
        try {
            return parsed(http.get(address.resolve("/v1/prices?day=" + day)), day);
        } catch (HttpAsk.TooLongException e) {
            throw new MarketAwayException("The market's answer is too long to be a price list.", e);
        } catch (HttpAsk.AwayException e) {
            throw new MarketAwayException("The market " + e.getMessage() + ".", e);
        }
    }

    private MarketReply parsed(byte[] body, LocalDate day) {
        MarketReply reply;
        try {
            reply = mapper.readValue(body, MarketReply.class);
        } catch (JacksonException e) {
            throw new MarketAwayException("The market's answer is no price list" + reason(e) + ".", e);
        }
        if (reply == null) {
            throw new MarketAwayException("The market's answer is no price list.");
        }
        if (reply.asOf().isAfter(day)) {
            throw new MarketAwayException("The market's prices are dated " + reply.asOf() + ", after today.");
        }
        return reply;
    }

    private static String reason(JacksonException e) {
        return e.getCause() instanceof InvalidInputException invalid
                ? ": " + invalid.field() + " was " + invalid.was()
                : "";
    }
}
