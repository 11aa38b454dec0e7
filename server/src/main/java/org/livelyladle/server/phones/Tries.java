package org.livelyladle.server.phones;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Clock;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;

/** How often somebody may do something within a minute. */
final class Tries {
    private static final Duration WINDOW = Duration.ofMinutes(1);
    private static final int MOST_REMEMBERED = 10_000;

    private final int most;
    private final Cache<Object, AtomicInteger> counted;

    Tries(int most, Clock clock) {
        this.most = most;
        Ticker ticker = () -> TimeUnit.MILLISECONDS.toNanos(clock.millis());
        this.counted = Caffeine.newBuilder()
                .expireAfterWrite(WINDOW)
                .maximumSize(MOST_REMEMBERED)
                .ticker(ticker)
                .build();
    }

    /** @throws RefusedException 429 where too much was counted */
    void check(Object who) {
        AtomicInteger count = counted.getIfPresent(who);
        if (count != null && count.get() >= most) {
            throw new RefusedException(HttpStatus.TOO_MANY_REQUESTS, "Too many tries: wait a minute, then try again.");
        }
    }

    void count(Object who) {
        counted.get(who, key -> new AtomicInteger()).incrementAndGet();
    }
}
