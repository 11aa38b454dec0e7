package org.livelyladle.server.web;

import jakarta.annotation.PreDestroy;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Patience;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Lets nothing be computed for ever or for nobody: what takes too long is given up and refused, and so is what a page
 * asked for before it asked anew, and what whoever asked no longer waits for.
 */
@Component
public class Effort {
    /** What one answer may cost: seconds of a processor, however busy the machine is with other things. */
    static final Duration MOST_WORK = Duration.ofSeconds(5);

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(20);
    private static final Duration BETWEEN_LOOKS = Duration.ofMillis(200);
    private static final Logger log = LoggerFactory.getLogger(Effort.class);
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private enum End {
        TOO_MUCH,
        ASKED_ANEW,
        NOBODY_WAITS
    }

    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "effort");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Task> asked = new ConcurrentHashMap<>();
    private final Set<Task> running = ConcurrentHashMap.newKeySet();

    public Effort() {
        clock.scheduleWithFixedDelay(
                this::look, BETWEEN_LOOKS.toMillis(), BETWEEN_LOOKS.toMillis(), TimeUnit.MILLISECONDS);
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }

    private void look() {
        for (Task task : running) {
            try {
                task.look();
            } catch (RuntimeException e) {
                log.warn("A computation could not be looked after", e);
            }
        }
    }

    /** True while nothing is computed for anybody. */
    public boolean isIdle() {
        return running.isEmpty();
    }

    /**
     * @param page who asks; an earlier question of the same page is given up; null for a question nobody asks again
     * @throws RefusedException 422 when it takes too long, 409 when the page asked anew or is gone
     */
    public <T> T spend(@Nullable String page, Supplier<T> computation) {
        Task task = new Task(Caller.current());
        Task before = page == null ? null : asked.put(page, task);
        if (before != null) {
            before.giveUp(End.ASKED_ANEW);
        }
        running.add(task);
        try {
            return computation.get();
        } catch (Patience.GivenUpException e) {
            throw task.refusal();
        } finally {
            running.remove(task);
            task.end();
            if (page != null) {
                asked.remove(page, task);
            }
        }
    }

    /** A computation in its thread, interrupted while it runs and never after. */
    private static final class Task {
        private final Thread thread = Thread.currentThread();
        private final long processorBefore = THREADS.getThreadCpuTime(thread.getId());
        private final long began = System.nanoTime();
        private final @Nullable Caller caller;
        private boolean ended;
        private End end = End.TOO_MUCH;

        Task(@Nullable Caller caller) {
            this.caller = caller;
        }

        /** Gives up what costs too much, and what nobody waits for. */
        synchronized void look() {
            if (ended) {
                return;
            }
            if (THREADS.getThreadCpuTime(thread.getId()) - processorBefore > MOST_WORK.toNanos()
                    || System.nanoTime() - began > LONGEST_WAIT.toNanos()) {
                giveUp(End.TOO_MUCH);
            } else if (caller != null && caller.isGone()) {
                giveUp(End.NOBODY_WAITS);
            }
        }

        synchronized void giveUp(End why) {
            if (!ended) {
                end = why;
                thread.interrupt();
            }
        }

        synchronized void end() {
            ended = true;
            Thread.interrupted();
            if (caller != null) {
                caller.release();
            }
        }

        synchronized RefusedException refusal() {
            return switch (end) {
                case TOO_MUCH ->
                    new RefusedException(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "This takes more than " + MOST_WORK.toSeconds()
                                    + " s to compute. Fewer guests, sides, kinds of food or offers make it quicker.");
                case ASKED_ANEW -> new RefusedException(HttpStatus.CONFLICT, "The same page has asked anew meanwhile.");
                case NOBODY_WAITS -> new RefusedException(HttpStatus.CONFLICT, "Whoever asked is gone.");
            };
        }
    }
}
