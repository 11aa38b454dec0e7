package org.livelyladle.core.household;

import java.time.LocalDateTime;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;

/** Whether a household fits a catalogue and its own references: a party with all of it must. */
public final class HouseholdCheck {
    private HouseholdCheck() {}

    /** The first thing that does not fit is refused by its path in a party. */
    public static void check(Household household, Catalogue catalogue) {
        LocalDateTime someDay = household.prices().asOf().atTime(19, 0);
        Brief party = new PartyStarter(catalogue)
                .start(household, StartingPoint.USUAL, new NewParty(null, someDay, "UTC", List.of()), someDay);
        BriefCheck.check(party, catalogue);
        List<Guest> people = household.people();
        for (int from = 0; from < people.size(); from += Brief.MOST_GUESTS) {
            List<Guest> some = people.subList(from, Math.min(people.size(), from + Brief.MOST_GUESTS));
            BriefCheck.check(party.seating(some), catalogue);
        }
    }
}
