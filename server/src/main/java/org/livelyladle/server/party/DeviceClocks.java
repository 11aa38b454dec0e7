package org.livelyladle.server.party;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.PartyEvent;
import org.springframework.stereotype.Component;

/** Puts the clocks of devices right by what they say the time is when they send. */
@Component
public class DeviceClocks {
    private static final int MOST_EVENTS = 500;
    /** So long a message may have been on its way. */
    private static final Duration CLOCKS_AGREE = Duration.ofSeconds(2);

    private final Clock clock;

    DeviceClocks(Clock clock) {
        this.clock = clock;
    }

    /** @param sent what the device's own clock says now; null where it does not say */
    public List<PartyEvent> putRight(@Nullable List<PartyEvent> batch, @Nullable String sent) {
        Duration offset = offset(sent);
        return Check.list(batch, "events", MOST_EVENTS).stream()
                .map(event -> event.later(offset))
                .toList();
    }

    private Duration offset(@Nullable String sent) {
        if (sent == null) {
            return Duration.ZERO;
        }
        try {
            Duration behind = Duration.between(Instant.parse(sent), clock.instant());
            return behind.abs().compareTo(CLOCKS_AGREE) <= 0 ? Duration.ZERO : behind;
        } catch (DateTimeException e) {
            throw new InvalidInputException("Ladle-Sent", sent, "an instant such as 2026-11-24T18:00:00Z");
        }
    }
}
