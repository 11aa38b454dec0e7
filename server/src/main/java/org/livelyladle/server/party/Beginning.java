package org.livelyladle.server.party;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.household.StartingPoint;

/**
 * A new party and what it begins as.
 *
 * @param title made up from the day when left out
 * @param sitDown local time in {@code zone}
 * @param guests names of those who come
 * @param start {@link StartingPoint#USUAL} when left out
 * @param from a past party it is like, in place of {@code start}; none when left out
 */
record Beginning(
        @Nullable String title,
        LocalDateTime sitDown,
        String zone,
        List<String> guests,
        @Nullable StartingPoint start,
        @Nullable UUID from) {
    NewParty wish() {
        return new NewParty(title, sitDown, zone, guests);
    }

    StartingPoint startOrUsual() {
        return Objects.requireNonNullElse(start, StartingPoint.USUAL);
    }
}
