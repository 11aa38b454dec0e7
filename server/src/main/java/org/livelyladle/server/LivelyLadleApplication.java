package org.livelyladle.server;

import java.time.Clock;
import java.time.Instant;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.plan.Planner;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The server: stores parties and serves plans and the page on loopback. */
@SpringBootApplication
public class LivelyLadleApplication {
    public static void main(String[] args) {
        SpringApplication.run(LivelyLadleApplication.class, args);
    }

    /**
     * The time; for pictures that do not change from day to day it stands still at {@code ladle.clock}, and to go through
     * an evening in minutes it runs from there at {@code ladle.clock-speed} since {@code ladle.clock-since} [ms].
     */
    @Bean
    Clock clock(
            @Value("${ladle.clock:}") String from,
            @Value("${ladle.clock-speed:0}") int speed,
            @Value("${ladle.clock-since:0}") long since) {
        return from.isBlank() ? Clock.systemUTC() : new OtherClock(Instant.parse(from), speed, since);
    }

    @Bean
    Catalogue catalogue() {
        return Catalogue.builtIn();
    }

    @Bean
    Planner planner(Catalogue catalogue) {
        return new Planner(catalogue);
    }
}
