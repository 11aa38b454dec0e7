package org.livelyladle.server.standin;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URI;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Objects;
import org.livelyladle.server.household.PriceList;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * An invented market: {@code GET /v1/prices?day=2026-11-25} answers prices, stock, hours and deals of that day as JSON.
 * The same seed and day give the same answer.
 */
@Component
public class MarketStandIn implements DisposableBean {
    private static final String QUERY = "day=";

    private final Loopback server;
    private final PriceList base;
    private final JsonMapper mapper;
    private final long seed;

    MarketStandIn(PriceList base, JsonMapper mapper, @Value("${ladle.market.seed:7}") long seed) {
        this.base = base;
        this.mapper = mapper;
        this.seed = seed;
        this.server = new Loopback("/v1/prices", this::answer);
    }

    public URI address() {
        return server.address();
    }

    private void answer(HttpExchange exchange) throws IOException {
        String query = Objects.requireNonNullElse(exchange.getRequestURI().getQuery(), "");
        try {
            LocalDate day = LocalDate.parse(query.startsWith(QUERY) ? query.substring(QUERY.length()) : query);
            Loopback.write(exchange, Loopback.OK, mapper.writeValueAsBytes(MarketDay.of(day, seed, base.offers())));
        } catch (DateTimeException e) {
            Loopback.write(exchange, Loopback.BAD_REQUEST, "{\"detail\":\"day=2026-11-25 is asked for\"}");
        }
    }

    @Override
    public void destroy() {
        server.stop();
    }
}
