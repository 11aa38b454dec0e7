package org.livelyladle.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** Stands still at a moment, or runs on from there faster than time does. */
final class OtherClock extends Clock {
    private final Instant from;
    private final int speed;
    private final long since;

    /**
     * @param speed 0 to stand still
     * @param since when it showed the moment it began with [ms of the real time]
     */
    OtherClock(Instant from, int speed, long since) {
        this.from = from;
        this.speed = speed;
        this.since = since;
    }

    @Override
    public Instant instant() {
        return speed == 0 ? from : from.plusMillis((System.currentTimeMillis() - since) * speed);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
