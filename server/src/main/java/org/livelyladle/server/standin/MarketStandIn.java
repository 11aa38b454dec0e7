package org.livelyladle.server.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
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

    private final HttpServer server;
    private final PriceList base;
    private final JsonMapper mapper;
    private final long seed;

    MarketStandIn(PriceList base, JsonMapper mapper, @Value("${ladle.market.seed:7}") long seed) {
        this.base = base;
        this.mapper = mapper;
        this.seed = seed;
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException e) {
            throw new UncheckedIOException("No loopback port is free for the market stand-in", e);
        }
        server.createContext("/v1/prices", this::answer);
        server.start();
    }

    public URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
    }

    private void answer(HttpExchange exchange) throws IOException {
        String query = Objects.requireNonNullElse(exchange.getRequestURI().getQuery(), "");
        try {
            LocalDate day = LocalDate.parse(query.startsWith(QUERY) ? query.substring(QUERY.length()) : query);
            write(exchange, 200, mapper.writeValueAsBytes(MarketDay.of(day, seed, base.offers())));
        } catch (DateTimeException e) {
            write(exchange, 400, "{\"detail\":\"day=2026-11-25 is asked for\"}".getBytes(StandardCharsets.UTF_8));
        }
    }

    private static void write(HttpExchange exchange, int status, byte[] body) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", "application/json");
        exchange.sendResponseHeaders(status, body.length);
        try (exchange) {
            exchange.getResponseBody().write(body);
        }
    }

    @Override
    public void destroy() {
        server.stop(0);
    }
}
