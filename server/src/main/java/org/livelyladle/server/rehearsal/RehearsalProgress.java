package org.livelyladle.server.rehearsal;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells screens how far a rehearsal is, as server-sent events, a few times a second while something changes. */
@Component
class RehearsalProgress {
    private static final Duration BETWEEN_LOOKS = Duration.ofMillis(250);
    private static final int MOST_WATCHERS = 50;

    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "rehearsal-progress");
        thread.setDaemon(true);
        return thread;
    });
    private final AtomicInteger watchers = new AtomicInteger();

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }

    /** @throws RefusedException 503 where too many watch already */
    SseEmitter of(RehearsalJob job) {
        if (watchers.get() >= MOST_WATCHERS) {
            throw new RefusedException(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "More than " + MOST_WATCHERS + " screens watch rehearsals already.");
        }
        watchers.incrementAndGet();
        SseEmitter emitter = new SseEmitter(0L);
        AtomicReference<@Nullable RehearsalView> last = new AtomicReference<>();
        Future<?> looks = clock.scheduleWithFixedDelay(
                () -> look(job, emitter, last), 0, BETWEEN_LOOKS.toMillis(), TimeUnit.MILLISECONDS);
        emitter.onCompletion(() -> {
            looks.cancel(false);
            watchers.decrementAndGet();
        });
        emitter.onError(e -> emitter.complete());
        return emitter;
    }

    private static void look(RehearsalJob job, SseEmitter emitter, AtomicReference<@Nullable RehearsalView> last) {
        RehearsalView view = job.view();
        if (view.equals(last.getAndSet(view))) {
            return;
        }
        try {
            emitter.send(SseEmitter.event().name("progress").data(view, MediaType.APPLICATION_JSON));
            if (view.isOver()) {
                emitter.complete();
            }
        } catch (IOException | IllegalStateException e) {
            emitter.completeWithError(e);
        }
    }
}
