package org.livelyladle.core.brief;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Aisle;

/**
 * A shop and when the host goes there.
 *
 * @param tripAt local time of the party's zone
 * @param closedOn days on which it does not open; none when left out
 * @param aisles the order in which the host walks its aisles; those left out follow in their usual order
 */
public record Shop(
        String id,
        String name,
        LocalDateTime tripAt,
        @Nullable List<DayOfWeek> closedOn,
        @Nullable List<Aisle> aisles) {
    private static final int DAYS_A_WEEK = 7;

    public Shop {
        Check.id(id, "id");
        name = Check.text(name, "name", 60);
        Check.present(tripAt, "tripAt");
        closedOn = Check.distinct(closedOn, "closedOn", 6, day -> day);
        aisles = Check.distinct(aisles, "aisles", Aisle.values().length, aisle -> aisle);
    }

    /** The same shop, visited at another time. */
    public Shop at(LocalDateTime tripAt) {
        return new Shop(id, name, tripAt, closedOn, aisles);
    }

    /** All aisles in the order of the host's walk. */
    public List<Aisle> walk() {
        return Stream.concat(Stream.ofNullable(aisles).flatMap(List::stream), Stream.of(Aisle.values()))
                .distinct()
                .toList();
    }

    public boolean isClosedOn(DayOfWeek day) {
        return closedOn != null && closedOn.contains(day);
    }

    /** The last time at the trip's hour that is not after {@code latest} and on which it opens. */
    public LocalDateTime lastOpen(LocalDateTime latest) {
        LocalDateTime time = latest.toLocalDate().atTime(tripAt.toLocalTime());
        if (time.isAfter(latest)) {
            time = time.minusDays(1);
        }
        for (int i = 0; i < DAYS_A_WEEK && isClosedOn(time.getDayOfWeek()); i++) {
            time = time.minusDays(1);
        }
        return time;
    }
}
