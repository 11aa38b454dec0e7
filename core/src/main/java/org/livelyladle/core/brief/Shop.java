package org.livelyladle.core.brief;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Usual;

/**
 * A shop and when the host goes there.
 *
 * @param tripAt local time of the party's zone
 * @param closedOn days on which it does not open; none when left out
 * @param aisles the order in which the host walks its aisles; those left out follow in their usual order
 * @param opens when it opens on its open days, local time; null when unknown
 * @param closes when it closes, local time; null when unknown
 * @param onMarket the market tells all it has and at what price; when left out, where it has any price
 * @param againAt a second trip, for what does not keep from the first one on; null for none
 */
public record Shop(
        String id,
        String name,
        LocalDateTime tripAt,
        @Key({}) @Usual("[]") List<DayOfWeek> closedOn,
        @Usual("[]") List<Aisle> aisles,
        @Nullable LocalTime opens,
        @Nullable LocalTime closes,
        @Nullable Boolean onMarket,
        @Nullable LocalDateTime againAt) {
    private static final String AGAIN = ":again";
    private static final int DAYS_A_WEEK = 7;
    private static final int QUARTER_MINUTES = 15;
    /** A host needs so long for a trip before the shop closes [min]; memory. */
    private static final int LAST_ENTRY_MINUTES = 30;

    public Shop {
        Check.id(id, "id");
        name = Check.text(name, "name", 60);
        Check.present(tripAt, "tripAt");
        closedOn = Check.distinct(closedOn, "closedOn", 6, day -> day);
        aisles = Check.distinct(aisles, "aisles", Aisle.values().length, aisle -> aisle);
        if (opens != null && closes != null && !opens.isBefore(closes)) {
            throw new InvalidInputException("closes", closes, "a time after " + opens);
        }
        if (againAt != null && !againAt.isAfter(tripAt)) {
            throw new InvalidInputException("againAt", againAt, "a time after the first trip, " + tripAt);
        }
    }

    /**
     * Once there and back.
     *
     * @param id the shop's own for its first trip
     */
    public record Trip(String id, Shop shop, LocalDateTime at) {
        /** From the trip to a day [d]. */
        public int daysBefore(LocalDate day) {
            return (int) ChronoUnit.DAYS.between(at.toLocalDate(), day);
        }

        /** The last time at the trip's hour that is not after {@code latest} and on which the shop opens. */
        public LocalDateTime lastOpen(LocalDateTime latest) {
            return shop.lastOpen(latest, at.toLocalTime());
        }
    }

    /** A shop of which nothing is known but when the host goes there. */
    public static Shop of(String id, String name, LocalDateTime tripAt) {
        return new Shop(id, name, tripAt, List.of(), List.of(), null, null, null, null);
    }

    /** The trips there, in the order of their times. */
    public List<Trip> trips() {
        Trip first = new Trip(id, this, tripAt);
        return againAt == null ? List.of(first) : List.of(first, new Trip(id + AGAIN, this, againAt));
    }

    /** The same shop, first visited at another time; a second trip that would not come after it is none. */
    public Shop at(LocalDateTime tripAt) {
        return visited(tripAt, againAt != null && againAt.isAfter(tripAt) ? againAt : null);
    }

    /** The same shop with one of its trips at another time. */
    public Shop moving(String trip, LocalDateTime at) {
        if (trip.equals(id)) {
            return at(at);
        }
        return visited(tripAt, at.isAfter(tripAt) ? at : null);
    }

    /** The same shop with every trip at another time. */
    public Shop onTrips(UnaryOperator<LocalDateTime> other) {
        return visited(other.apply(tripAt), againAt == null ? null : other.apply(againAt));
    }

    /** The same shop, to which nobody goes twice. */
    public Shop visitedOnce() {
        return visited(tripAt, null);
    }

    /** This shop on the trips planned to it as it was known before. */
    public Shop asVisited(Shop before) {
        return visited(before.tripAt, before.againAt);
    }

    private Shop visited(LocalDateTime first, @Nullable LocalDateTime again) {
        return new Shop(id, name, first, closedOn, aisles, opens, closes, onMarket, again);
    }

    /** The same shop as it opens now. */
    public Shop opening(List<DayOfWeek> closedOn, @Nullable LocalTime opens, @Nullable LocalTime closes) {
        return new Shop(id, name, tripAt, closedOn, aisles, opens, closes, onMarket, againAt);
    }

    /** The nearest time of the day at which somebody can shop there. */
    private LocalTime withinHours(LocalTime time) {
        if (opens != null && time.isBefore(opens)) {
            return opens;
        }
        return closes != null && time.isAfter(closes.minusMinutes(LAST_ENTRY_MINUTES))
                ? closes.minusMinutes(LAST_ENTRY_MINUTES)
                : time;
    }

    public boolean isClosedAt(LocalTime time) {
        return !withinHours(time).equals(time);
    }

    /** All aisles in the order of the host's walk. */
    public List<Aisle> walk() {
        return Stream.concat(aisles.stream(), Stream.of(Aisle.values()))
                .distinct()
                .toList();
    }

    public boolean isClosedOn(DayOfWeek day) {
        return closedOn.contains(day);
    }

    /** The last time at an hour that is not after {@code latest} and on which it opens. */
    private LocalDateTime lastOpen(LocalDateTime latest, LocalTime hour) {
        LocalDateTime time = latest.toLocalDate().atTime(withinHours(hour));
        if (time.isAfter(latest)) {
            time = time.minusDays(1);
        }
        for (int i = 0; i < DAYS_A_WEEK && isClosedOn(time.getDayOfWeek()); i++) {
            time = time.minusDays(1);
        }
        return time;
    }

    /** The first quarter of an hour from then on at which somebody can shop there. */
    public LocalDateTime firstOpen(LocalDateTime earliest) {
        int quarters = (earliest.getMinute() + QUARTER_MINUTES - 1) / QUARTER_MINUTES;
        LocalDateTime from = earliest.truncatedTo(ChronoUnit.HOURS).plusMinutes((long) quarters * QUARTER_MINUTES);
        for (int i = 0; i <= DAYS_A_WEEK; i++) {
            LocalDateTime open = from.toLocalDate().atTime(withinHours(from.toLocalTime()));
            if (!isClosedOn(open.getDayOfWeek()) && !open.isBefore(from)) {
                return open;
            }
            from = from.toLocalDate().plusDays(1).atStartOfDay();
        }
        return from;
    }
}
