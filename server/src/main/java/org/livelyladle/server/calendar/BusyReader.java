package org.livelyladle.server.calendar;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.transform.recurrence.Frequency;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook.Busy;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.exchange.Utf8;

/**
 * Reads when somebody is away from a calendar file nobody vouches for. Before it is parsed its size, depth and number of
 * entries are looked at, and that its zones change their clocks by years only; a rule that repeats within the day, a
 * second rule, and rules that would take more than {@value #MOST_DAYS} days to follow in all are not followed; whatever
 * is wrong with one entry leaves out that entry and says so.
 */
final class BusyReader {
    private static final int MOST_LINES = 40_000;
    private static final int MOST_DEPTH = 4;
    private static final int MOST_ENTRIES = 3_000;
    private static final int MOST_BUSY = 200;
    /** Observances of all zones: a zone of a century has some two hundred. */
    private static final int MOST_OBSERVANCES = 400;

    private static final long MOST_DAYS = 500_000;
    private static final int MOST_SAID = 20;
    private static final int LONGEST_TITLE = 60;
    private static final int DAYS_BEFORE = 8;
    private static final Duration AFTER = Duration.ofHours(4);
    private static final Duration LONGEST = Duration.ofDays(14);
    private static final int FIRST_YEAR = 1970;
    private static final int LAST_YEAR = 2200;
    private static final Set<Frequency> FOLLOWED =
            Set.of(Frequency.DAILY, Frequency.WEEKLY, Frequency.MONTHLY, Frequency.YEARLY);
    private static final Set<String> WITHIN_THE_DAY = Set.of("BYHOUR", "BYMINUTE", "BYSECOND");

    private final ZoneId zone;
    private final Instant from;
    private final Instant until;
    private final TreeSet<Busy> busy = new TreeSet<>(
            Comparator.comparing(Busy::from).thenComparing(Busy::until).thenComparing(Busy::what));
    private final List<String> leftOut = new ArrayList<>();
    private long days;

    BusyReader(Brief brief) {
        this.zone = brief.zoneId();
        Instant sitDown = brief.sitDown().atZone(zone).toInstant();
        this.from = sitDown.minus(Duration.ofDays(DAYS_BEFORE));
        this.until = sitDown.plus(AFTER);
    }

    BusyPreview read(byte[] file) {
        String text = Utf8.decode(file).replaceAll("\\R[ \t]", "");
        looked(text);
        zonesLooked(text);
        List<VEvent> events = parse(text).getComponents(Component.VEVENT);
        events.forEach(this::event);
        return new BusyPreview(
                busy.stream().limit(MOST_BUSY).toList(),
                leftOut.stream().limit(MOST_SAID).toList());
    }

    /** What a parser could be made to choke on is refused before it sees it. */
    private static void looked(String text) {
        int depth = 0;
        int entries = 0;
        int lines = 0;
        for (String line : (Iterable<String>) text.lines()::iterator) {
            lines++;
            String upper = line.length() > 6 ? line.substring(0, 6).toUpperCase(Locale.ROOT) : "";
            if (upper.equals("BEGIN:")) {
                depth++;
                entries++;
            } else if (upper.startsWith("END:")) {
                depth--;
            }
            if (depth > MOST_DEPTH) {
                throw refused("entries within entries at line " + lines, "a calendar of plain entries");
            }
        }
        if (lines > MOST_LINES || entries > MOST_ENTRIES) {
            throw refused(
                    lines + " lines, " + entries + " entries",
                    "at most " + MOST_LINES + " lines and " + MOST_ENTRIES + " entries");
        }
    }

    /** What zones may do: change their clocks once or twice a year. Their rules are followed while a file is parsed. */
    private static void zonesLooked(String text) {
        boolean inZone = false;
        int observances = 0;
        int rules = 0;
        for (String line : (Iterable<String>) text.lines()::iterator) {
            String upper = line.strip().toUpperCase(Locale.ROOT);
            if (upper.equals("BEGIN:VTIMEZONE")) {
                inZone = true;
            } else if (upper.equals("END:VTIMEZONE")) {
                inZone = false;
            } else if (inZone && upper.startsWith("BEGIN:")) {
                observances++;
                rules = 0;
            } else if (inZone && (upper.startsWith("RRULE") || upper.startsWith("EXRULE"))) {
                rules++;
                boolean yearly = upper.startsWith("RRULE")
                        && upper.contains("FREQ=YEARLY")
                        && WITHIN_THE_DAY.stream().noneMatch(upper::contains);
                if (!yearly || rules > 1) {
                    throw refused("a time zone with odd rules", "zones whose clocks change once or twice a year");
                }
            }
            if (observances > MOST_OBSERVANCES) {
                throw refused("more than " + MOST_OBSERVANCES + " changes of time zones", "fewer");
            }
        }
    }

    private static Calendar parse(String text) {
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException e) {
            throw refused("not iCalendar near line " + e.getLineNo(), "a file as calendars export it (.ics)");
        } catch (IOException | RuntimeException e) {
            throw refused("not iCalendar", "a file as calendars export it (.ics)");
        }
    }

    private static InvalidInputException refused(String what, String accepted) {
        return new InvalidInputException("file", what, accepted);
    }

    private void event(VEvent event) {
        String title = title(event);
        try {
            if (isBusy(event)) {
                times(event, title);
            }
        } catch (DateTimeException | ClassCastException | IllegalArgumentException e) {
            leave(title, e instanceof InvalidInputException ? e.getMessage() : "its times cannot be read");
        }
    }

    private void leave(String title, String why) {
        leftOut.add("“" + title + "”: " + why);
    }

    private static String title(VEvent event) {
        String text = Optional.ofNullable(event.getSummary())
                .map(Property::getValue)
                .orElse("")
                .replaceAll("\\p{Cntrl}+", " ")
                .strip();
        return text.isEmpty() ? "away" : Utf8.start(text, LONGEST_TITLE);
    }

    private static boolean isBusy(VEvent event) {
        return !says(event, Property.TRANSP, "TRANSPARENT") && !says(event, Property.STATUS, "CANCELLED");
    }

    private static boolean says(VEvent event, String property, String value) {
        return event.getProperty(property)
                .map(found -> value.equalsIgnoreCase(found.getValue()))
                .orElse(false);
    }

    private void times(VEvent event, String title) {
        Temporal start = event.getStartDate()
                .map(property -> (Temporal) property.getDate())
                .orElseThrow(() -> new DateTimeException("no start"));
        if (start instanceof LocalDate) {
            leave(title, "all day; say so by hand if nobody is there");
            return;
        }
        checked(instant(start));
        Optional<String> odd = odd(event, instant(start));
        if (odd.isPresent()) {
            leave(title, odd.get());
            return;
        }
        ZonedDateTime first = from.atZone(zone);
        ZonedDateTime last = until.atZone(zone);
        Set<? extends Period<?>> periods = event.calculateRecurrenceSet(new Period<>(first, last));
        periods.forEach(period -> add(instant(period.getStart()), instant(period.getEnd()), title));
    }

    /** Why its repeats are not followed. */
    private Optional<String> odd(VEvent event, Instant start) {
        List<RRule<?>> rules = event.getProperties(Property.RRULE);
        if (rules.size() > 1 || !event.getProperties(Property.EXRULE).isEmpty()) {
            return Optional.of("repeats by more than one rule");
        }
        if (rules.isEmpty()) {
            return Optional.empty();
        }
        Recur<?> rule = rules.get(0).getRecur();
        boolean withinTheDay = !rule.getHourList().isEmpty()
                || !rule.getMinuteList().isEmpty()
                || !rule.getSecondList().isEmpty();
        if (withinTheDay || !FOLLOWED.contains(rule.getFrequency())) {
            return Optional.of("repeats within the day");
        }
        days += Math.max(0, Duration.between(start, until).toDays());
        return days > MOST_DAYS ? Optional.of("the file repeats too much to be followed") : Optional.empty();
    }

    private void add(Instant start, Instant end, String title) {
        if (Duration.between(start, end).compareTo(LONGEST) > 0 || !end.isAfter(start)) {
            throw new InvalidInputException(
                    "entry", "from " + start + " to " + end, "an end after the start, within 14 days");
        }
        if (start.isBefore(until) && end.isAfter(from)) {
            busy.add(new Busy(LocalDateTime.ofInstant(start, zone), LocalDateTime.ofInstant(end, zone), title));
        }
    }

    private static void checked(Instant start) {
        int year = start.atZone(java.time.ZoneOffset.UTC).getYear();
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw new InvalidInputException("entry", "year " + year, FIRST_YEAR + " to " + LAST_YEAR);
        }
    }

    /** A time without zone is one of the party's. */
    private Instant instant(Temporal time) {
        if (time instanceof LocalDateTime local) {
            return local.atZone(zone).toInstant();
        }
        if (time instanceof ZonedDateTime zoned) {
            return zoned.toInstant();
        }
        return time instanceof OffsetDateTime offset ? offset.toInstant() : Instant.from(time);
    }
}
