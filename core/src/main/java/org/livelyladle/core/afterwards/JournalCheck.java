package org.livelyladle.core.afterwards;

import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.check.Check;

/** Whether a journal is of a party: every food, side and guest it names was there. */
public final class JournalCheck {
    private JournalCheck() {}

    public static void check(Journal journal, Brief brief) {
        Set<String> cuts = brief.menu().stream().map(MenuItem::cut).collect(Collectors.toSet());
        Set<String> sides = brief.sides().stream().map(Side::id).collect(Collectors.toSet());
        Set<String> guests = brief.guests().stream().map(Guest::id).collect(Collectors.toSet());
        for (int i = 0; i < journal.left().size(); i++) {
            Check.known(journal.left().get(i).cut(), cuts, "left[" + i + "].cut", "a cut of the party's menu");
        }
        for (int i = 0; i < journal.broths().size(); i++) {
            Check.known(journal.broths().get(i).side(), sides, "broths[" + i + "].side", "a side of the party");
        }
        for (int i = 0; i < journal.guests().size(); i++) {
            Check.known(journal.guests().get(i).guest(), guests, "guests[" + i + "].guest", "a guest of the party");
        }
        Set<String> pots = brief.pots().stream().map(Pot::id).collect(Collectors.toSet());
        for (int i = 0; i < journal.times().size(); i++) {
            Journal.Took took = journal.times().get(i);
            String field = "times[" + i + "].of";
            switch (took.subject()) {
                case CUT_TIME -> Check.known(took.of(), cuts, field, "a cut of the party's menu");
                case BOIL_TIME, FUEL -> Check.known(took.of(), pots, field, "a pot of the party");
                default -> {
                    // tasks come and go with what is planned
                }
            }
        }
    }
}
