package org.livelyladle.server.calendar;

import java.util.List;
import org.livelyladle.core.brief.Cook.Busy;

/**
 * What a calendar says about somebody's time before a party.
 *
 * @param busy in the order of time, local time of the party's zone
 * @param leftOut what was not taken, and why
 */
record BusyPreview(List<Busy> busy, List<String> leftOut) {
    BusyPreview {
        busy = List.copyOf(busy);
        leftOut = List.copyOf(leftOut);
    }
}
