package org.livelyladle.e2e;

import com.microsoft.playwright.BrowserContext;
import java.time.Instant;

/** Two servers on the database of the run whose time, and that of the pages that ask them, runs faster than it does. */
final class FastEvening {
    private final Instant from;
    private final int speed;
    private final long since = System.currentTimeMillis();
    private final ServerProcess first;
    private final ServerProcess second;

    /** @param from when it begins */
    FastEvening(String name, Instant from, int speed) {
        this.from = from;
        this.speed = speed;
        first = start(name + "-first");
        second = start(name + "-second");
    }

    private ServerProcess start(String name) {
        return ServerProcess.start(
                name,
                RunningServer.database(),
                "--ladle.clock=" + from,
                "--ladle.clock-speed=" + speed,
                "--ladle.clock-since=" + since);
    }

    ServerProcess first() {
        return first;
    }

    ServerProcess second() {
        return second;
    }

    /** Now, by its own time. */
    Instant now() {
        return from.plusMillis((System.currentTimeMillis() - since) * speed);
    }

    /** The pages of a context live in its time. */
    void live(BrowserContext context) {
        context.addInitScript("""
                {
                  const RealDate = Date
                  const now = () => %d + (RealDate.now() - %d) * %d
                  globalThis.Date = class extends RealDate {
                    constructor(...parts) { parts.length ? super(...parts) : super(now()) }
                    static now() { return now() }
                  }
                  const every = setInterval
                  globalThis.setInterval = (task, ms, ...more) => every(task, Math.max(100, ms / %d), ...more)
                }
                """.formatted(from.toEpochMilli(), since, speed, speed));
    }

    void stop() throws InterruptedException {
        first.kill();
        second.kill();
    }
}
