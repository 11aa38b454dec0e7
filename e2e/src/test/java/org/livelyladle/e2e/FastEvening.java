package org.livelyladle.e2e;

import com.microsoft.playwright.BrowserContext;
import java.time.Instant;

/** Two servers on the database of the run whose time, and that of the pages that ask them, runs faster than it does. */
final class FastEvening {
    private final String name;
    private final Instant from;
    private final int speed;
    private final long since = System.currentTimeMillis();
    private final ServerProcess first;
    private ServerProcess second;

    /** @param from when it begins */
    FastEvening(String name, Instant from, int speed) {
        this.from = from;
        this.speed = speed;
        this.name = name;
        first = ServerProcess.start(name + "-first", RunningServer.database(), itsTime());
        second = ServerProcess.start(name + "-second", RunningServer.database(), itsTime());
    }

    private String[] itsTime() {
        return new String[] {"--ladle.clock=" + from, "--ladle.clock-speed=" + speed, "--ladle.clock-since=" + since};
    }

    /** As by a power cut; the pages that follow it have to come back by themselves. */
    void killAndRestartSecond() throws InterruptedException {
        second.kill();
        second = ServerProcess.start(second.port(), name + "-second", RunningServer.database(), itsTime());
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
