package org.livelyladle.server.web;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Patience;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Lets nothing be computed for ever: what takes too long is given up and refused, and so is what a page asked for before
 * it asked anew.
 */
@Component
public class Effort {
    private static final Duration LONGEST = Duration.ofSeconds(20);

    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "effort");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Task> asked = new ConcurrentHashMap<>();

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }

    /**
     * @param page who asks; an earlier question of the same page is given up; null for a question nobody asks again
     * @throws RefusedException 422 when it takes too long, 409 when the page asked anew
     */
    public <T> T spend(@Nullable String page, Supplier<T> computation) {
        Task task = new Task(Thread.currentThread());
        Task before = page == null ? null : asked.put(page, task);
        if (before != null) {
            before.giveUp(false);
        }
        ScheduledFuture<?> alarm = clock.schedule(() -> task.giveUp(true), LONGEST.toMillis(), TimeUnit.MILLISECONDS);
        try {
            return computation.get();
        } catch (Patience.GivenUpException e) {
            throw task.refusal();
        } finally {
            alarm.cancel(false);
            task.end();
            if (page != null) {
                asked.remove(page, task);
            }
        }
    }

    /** A computation in its thread, interrupted while it runs and never after. */
    private static final class Task {
        private final Thread thread;
        private boolean ended;
        private boolean late;

        Task(Thread thread) {
            this.thread = thread;
        }

        synchronized void giveUp(boolean tooLate) {
            if (!ended) {
                late = tooLate;
                thread.interrupt();
            }
        }

        synchronized void end() {
            ended = true;
            Thread.interrupted();
        }

        synchronized RefusedException refusal() {
            return late
                    ? new RefusedException(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "This takes longer than " + LONGEST.toSeconds()
                                    + " s to compute. Fewer guests, sides, kinds of food or offers make it quicker.")
                    : new RefusedException(HttpStatus.CONFLICT, "The same page has asked anew meanwhile.");
        }
    }
}
