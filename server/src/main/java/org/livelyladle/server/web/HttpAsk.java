package org.livelyladle.server.web;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Flow;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks devices and services of others over HTTP, with one time-out for everything from connecting to the last byte, and
 * a limit to the size of the answer.
 */
public final class HttpAsk {
    private static final int SUCCESS = 2;
    private static final int HUNDRED = 100;
    private static final int FIGURE_BYTES = 10_000;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private final Duration timeout;
    private final int mostBytes;
    private final HttpClient client;

    /** @param timeout for the whole answer */
    public HttpAsk(Duration timeout, int mostBytes) {
        this.timeout = timeout;
        this.mostBytes = mostBytes;
        this.client = HttpClient.newBuilder().connectTimeout(timeout).build();
    }

    /** For devices that answer with one figure. */
    public static HttpAsk forFigures(Duration timeout) {
        return new HttpAsk(timeout, FIGURE_BYTES);
    }

    /** There is no answer that can be used; the message says why, to follow a name. */
    public static class AwayException extends RuntimeException {
        AwayException(String message) {
            super(message);
        }

        AwayException(String message, Throwable cause) {
            super(message, cause);
        }
    }

    /**
     * The body of an answer in JSON.
     *
     * @throws AwayException when there is none in time, it is too long, or its status is none of success
     */
    public byte[] get(URI from) {
        HttpRequest request = HttpRequest.newBuilder(from)
                .header("Accept", "application/json")
                .build();
        HttpResponse<byte[]> answer = answered(client.sendAsync(request, info -> new Limited()));
        if (answer.statusCode() / HUNDRED != SUCCESS) {
            throw new AwayException("answered with status " + answer.statusCode());
        }
        return answer.body();
    }

    /**
     * The figure of an answer such as {@code {"value": 97.8}}.
     *
     * @throws AwayException when there is no such answer
     */
    public double figure(URI from) {
        try {
            Double value = MAPPER.readValue(get(from), Figure.class).value();
            if (value != null && Double.isFinite(value)) {
                return value;
            }
        } catch (JacksonException e) {
            throw new AwayException("answers with no figure", e);
        }
        throw new AwayException("answers with no figure");
    }

    private record Figure(@Nullable Double value) {}

    private HttpResponse<byte[]> answered(CompletableFuture<HttpResponse<byte[]>> asked) {
        try {
            return asked.get(timeout.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            asked.cancel(true);
            throw new AwayException("answers too slowly", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof TooMuch ? new TooLongException(e) : new AwayException("does not answer", e);
        } catch (InterruptedException e) {
            asked.cancel(true);
            Thread.currentThread().interrupt();
            throw new AwayException("does not answer", e);
        }
    }

    /** More came than was expected. */
    public static final class TooLongException extends AwayException {
        TooLongException(Throwable cause) {
            super("answers too much", cause);
        }
    }

    /** All bytes of a body, as long as they are not too many. */
    private final class Limited implements BodySubscriber<byte[]> {
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
            if (bytes > mostBytes) {
                subscription.cancel();
                body.completeExceptionally(new TooMuch());
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

    /** What stops the reading of an answer that is too long. */
    private static final class TooMuch extends IOException {}
}
