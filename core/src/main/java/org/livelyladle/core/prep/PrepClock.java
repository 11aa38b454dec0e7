package org.livelyladle.core.prep;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import org.livelyladle.core.brief.Brief;

/**
 * Minutes from sitting down [min], negative before it, against the local time of the party's zone. Minutes are counted
 * as they pass, so that a change of the clock in between neither adds nor loses an hour.
 */
public record PrepClock(ZonedDateTime sitDown) {
    /** Whatever lies further away counts as so far: nothing of a party reaches there [min]. */
    private static final long FURTHEST = 365L * 24 * 60;

    public static PrepClock of(Brief brief) {
        return new PrepClock(brief.sitDown().atZone(brief.zoneId()));
    }

    /** The whole minute a moment falls into, a year away at most. */
    public int minute(Instant moment) {
        long minute =
                Math.floorDiv(Duration.between(sitDown.toInstant(), moment).getSeconds(), 60L);
        return (int) Math.max(-FURTHEST, Math.min(FURTHEST, minute));
    }

    public int minute(LocalDateTime local) {
        return minute(local.atZone(zone()).toInstant());
    }

    public Instant instant(int minute) {
        return sitDown.toInstant().plusSeconds(60L * minute);
    }

    public LocalDateTime local(int minute) {
        return LocalDateTime.ofInstant(instant(minute), zone());
    }

    private ZoneId zone() {
        return sitDown.getZone();
    }
}
