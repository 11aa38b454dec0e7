package org.livelyladle.server.market;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.time.Duration;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.http.client.SimpleClientHttpRequestFactory;
import org.springframework.web.client.ResourceAccessException;
import org.springframework.web.client.RestClient;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A market over HTTP, with a time-out for connecting, for each read and for the whole answer, and a limit to its size. */
final class HttpMarket implements Market {
    private static final int MOST_BYTES = 2_000_000;
    private static final int CHUNK = 8192;

    private final URI address;
    private final Duration timeout;
    private final JsonMapper mapper;
    private final RestClient client;

    /**
     * @param timeout for connecting, and for the whole answer
     */
    HttpMarket(URI address, Duration timeout, JsonMapper mapper) {
        this.address = address;
        this.timeout = timeout;
        this.mapper = mapper;
        SimpleClientHttpRequestFactory factory = new SimpleClientHttpRequestFactory();
        factory.setConnectTimeout(timeout);
        factory.setReadTimeout(timeout);
        client = RestClient.builder().requestFactory(factory).build();
    }

    @Override
    public MarketReply prices(LocalDate day) {
        long until = System.nanoTime() + timeout.toNanos();
        byte[] body;
        try {
            body = client.get()
                    .uri(address.resolve("/v1/prices?day=" + day))
                    .accept(MediaType.APPLICATION_JSON)
                    .exchangeForRequiredValue((request, response) -> {
                        if (!response.getStatusCode().is2xxSuccessful()) {
                            throw new MarketAwayException("The market answered with status "
                                    + response.getStatusCode().value() + ".");
                        }
                        return read(response.getBody(), until);
                    });
        } catch (ResourceAccessException e) {
            throw new MarketAwayException("The market does not answer.", e);
        }
        return parsed(body, day);
    }

    private static byte[] read(InputStream in, long until) throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        byte[] chunk = new byte[CHUNK];
        for (int count = in.read(chunk); count >= 0; count = in.read(chunk)) {
            all.write(chunk, 0, count);
            if (all.size() > MOST_BYTES) {
                throw new MarketAwayException("The market's answer is too long to be a price list.");
            }
            if (System.nanoTime() > until) {
                throw new MarketAwayException("The market answers too slowly.");
            }
        }
        return all.toByteArray();
    }

    private MarketReply parsed(byte[] body, LocalDate day) {
        try {
            MarketReply reply = mapper.readValue(body, MarketReply.class);
            if (reply.asOf().isAfter(day)) {
                throw new MarketAwayException("The market's prices are dated " + reply.asOf() + ", after today.");
            }
            return reply;
        } catch (JacksonException e) {
            throw new MarketAwayException("The market's answer makes no sense: " + e.getOriginalMessage(), e);
        }
    }
}
