package org.livelyladle.server.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Calendars as RFC 5545 has them written. */
final class CalendarText {
    private static final int UNFOLDED = 100_000;
    private static final int MOST_OCTETS = 75;

    private CalendarText() {}

    /** An empty one. */
    static Calendar calendar(String what, String name) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Lively Ladle//" + what + "//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new Name(name));
        return calendar;
    }

    static String of(Calendar calendar) {
        StringWriter out = new StringWriter();
        try {
            new CalendarOutputter(true, UNFOLDED).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return folded(out.toString());
    }

    /** Lines of at most 75 octets, no letter torn apart (RFC 5545, 3.1). */
    private static String folded(String text) {
        StringBuilder out = new StringBuilder();
        // a carriage return alone would end a line for some readers
        Stream.of(text.split("\r\n"))
                .map(line -> line.replaceAll("[\\r\\n]", " "))
                .forEach(line -> {
                    int octets = 0;
                    for (int letter : line.codePoints().toArray()) {
                        String written = Character.toString(letter);
                        int more = written.getBytes(StandardCharsets.UTF_8).length;
                        if (octets + more > MOST_OCTETS) {
                            out.append("\r\n ");
                            octets = 1;
                        }
                        out.append(written);
                        octets += more;
                    }
                    out.append("\r\n");
                });
        return out.toString();
    }
}
