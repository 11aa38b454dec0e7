package org.livelyladle.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
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

    /** The time; fixed by {@code ladle.clock} for pictures that do not change from day to day. */
    @Bean
    Clock clock(@Value("${ladle.clock:}") String fixed) {
        return fixed.isBlank() ? Clock.systemUTC() : Clock.fixed(Instant.parse(fixed), ZoneOffset.UTC);
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
