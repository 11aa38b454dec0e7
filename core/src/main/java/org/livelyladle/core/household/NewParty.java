package org.livelyladle.core.household;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;

/**
 * What a host says to begin with; everything else can be edited.
 *
 * @param title made up from the day when left out
 * @param sitDown local time in {@code zone}
 * @param guests names of those who come; whoever is in the book comes with what they eat
 */
public record NewParty(@Nullable String title, LocalDateTime sitDown, String zone, List<String> guests) {
    private static final int A_WEEK = 7;

    public NewParty {
        title = title == null || title.isBlank() ? null : Check.text(title, "title", 80);
        Check.range(Check.present(sitDown, "sitDown").getYear(), "sitDown", Brief.FIRST_YEAR, Brief.LAST_YEAR);
        zone = Check.zone(zone, "zone");
        guests = Check.list(guests, "guests", Brief.MOST_GUESTS);
    }

    /** As the host calls it, else by its day as one says it today: "Hot pot on Saturday". */
    String titleOn(LocalDate today) {
        if (title != null) {
            return title;
        }
        LocalDate day = sitDown.toLocalDate();
        long days = ChronoUnit.DAYS.between(today, day);
        if (days == 0) {
            return "Hot pot tonight";
        }
        return days > 0 && days < A_WEEK
                ? "Hot pot on " + day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                : "Hot pot on "
                        + DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH).format(day);
    }
}
