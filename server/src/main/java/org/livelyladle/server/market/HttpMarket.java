package org.livelyladle.server.market;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Flow;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.livelyladle.core.check.InvalidInputException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A market over HTTP, with one time-out for everything from connecting to the last byte, and a limit to its size. */
final class HttpMarket implements Market {
    private static final int MOST_BYTES = 2_000_000;
    private static final int SUCCESS = 2;
    private static final int HUNDRED = 100;

    private final URI address;
    private final Duration timeout;
    private final JsonMapper mapper;
    private final HttpClient client;

    /** @param timeout for the whole answer */
    HttpMarket(URI address, Duration timeout, JsonMapper mapper) {
        this.address = address;
        this.timeout = timeout;
        this.mapper = mapper;
        this.client = HttpClient.newBuilder().connectTimeout(timeout).build();
    }

    @Override
    public MarketReply prices(LocalDate day) {
        HttpRequest request = HttpRequest.newBuilder(address.resolve("/v1/prices?day=" + day))
                .header("Accept", "application/json")
                .build();
        HttpResponse<byte[]> answer = answered(client.sendAsync(request, info -> new Limited()));
        if (answer.statusCode() / HUNDRED != SUCCESS) {
            throw new MarketAwayException("The market answered with status " + answer.statusCode() + ".");
        }
        return parsed(answer.body(), day);
    }

    private HttpResponse<byte[]> answered(CompletableFuture<HttpResponse<byte[]>> asked) {
        try {
            return asked.get(timeout.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            asked.cancel(true);
            throw new MarketAwayException("The market answers too slowly.", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof TooLongException
                    ? new MarketAwayException("The market's answer is too long to be a price list.", e)
                    : new MarketAwayException("The market does not answer.", e);
        } catch (InterruptedException e) {
            asked.cancel(true);
            Thread.currentThread().interrupt();
            throw new MarketAwayException("The market does not answer.", e);
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

    /** More came than a price list has. */
    private static final class TooLongException extends RuntimeException {
        TooLongException() {
            super("More than " + MOST_BYTES + " bytes");
        }
    }

    /** All bytes of a body, as long as they are not too many. */
    private static final class Limited implements BodySubscriber<byte[]> {
        private final BodySubscriber<byte[]> all = HttpResponse.BodySubscribers.ofByteArray();
        private final CompletableFuture<byte[]> body = new CompletableFuture<>();
        private Flow.Subscription subscription;
        private long bytes;

        @Override
        public CompletionStage<byte[]> getBody() {
            return body;
        }

        @Override
        public void onSubscribe(Flow.Subscription subscription) {
            this.subscription = subscription;
            all.getBody().whenComplete((read, failure) -> {
                if (failure == null) {
                    body.complete(read);
                } else {
                    body.completeExceptionally(failure);
                }
            });
            all.onSubscribe(subscription);
        }

        @Override
        public void onNext(List<ByteBuffer> buffers) {
            bytes += buffers.stream().mapToLong(ByteBuffer::remaining).sum();
            if (bytes > MOST_BYTES) {
                subscription.cancel();
                body.completeExceptionally(new TooLongException());
            } else {
                all.onNext(buffers);
            }
        }

        @Override
        public void onError(Throwable failure) {
            all.onError(failure);
        }

        @Override
        public void onComplete() {
            all.onComplete();
        }
    }
}
