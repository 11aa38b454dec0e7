package org.livelyladle.server.party;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;

/** A line of the overview. */
public record PartySummary(
        UUID id, String title, LocalDateTime sitDown, String zone, int guests, int cuts, List<String> tints) {
    public PartySummary {
        tints = List.copyOf(tints);
    }
}
