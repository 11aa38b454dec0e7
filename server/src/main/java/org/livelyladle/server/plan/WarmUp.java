package org.livelyladle.server.plan;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.web.Effort;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * A Java machine that has just started plans two to three times slower than one that has planned before. This plans the
 * demo parties in the seconds after the start, while nobody asks for anything.
 */
@Component
@ConditionalOnProperty("ladle.warm-up")
class WarmUp {
    private static final int ROUNDS = 12;
    private static final int PAUSE_MILLIS = 50;

    private final Planner planner;
    private final DemoBriefs briefs;
    private final Effort effort;
    private final Clock clock;
    private final Thread thread = new Thread(this::planAll, "warm-up");

    WarmUp(Planner planner, DemoBriefs briefs, Effort effort, Clock clock) {
        this.planner = planner;
        this.briefs = briefs;
        this.effort = effort;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    @PreDestroy
    void stop() {
        thread.interrupt();
    }

    private void planAll() {
        Instant now = clock.instant();
        try {
            for (int round = 0; round < ROUNDS; round++) {
                for (Brief brief : briefs.load(LocalDate.now(clock))) {
                    while (!effort.isIdle()) {
                        Thread.sleep(PAUSE_MILLIS);
                    }
                    planner.plan(brief, Facts.none(), now);
                }
            }
        } catch (InterruptedException | Patience.GivenUpException e) {
            // the server stops
            Thread.currentThread().interrupt();
        }
    }
}
