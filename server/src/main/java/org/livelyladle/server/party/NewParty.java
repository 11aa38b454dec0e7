package org.livelyladle.server.party;

import java.time.LocalDateTime;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;

/**
 * What a host says to begin with; everything else has a default that can be edited.
 *
 * @param sitDown local time in {@code zone}
 * @param guests names of those who come
 */
public record NewParty(String title, LocalDateTime sitDown, String zone, List<String> guests) {
    public NewParty {
        title = Check.text(title, "title", 80);
        Check.range(Check.present(sitDown, "sitDown").getYear(), "sitDown", Brief.FIRST_YEAR, Brief.LAST_YEAR);
        zone = Check.zone(zone, "zone");
        guests = Check.list(guests, "guests", Brief.MOST_GUESTS);
    }
}
