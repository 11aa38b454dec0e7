package org.livelyladle.server.afterwards;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.livelyladle.core.afterwards.GuestBook;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.household.Household;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.HouseholdService;
import org.livelyladle.server.household.HouseholdView;
import org.livelyladle.server.party.PartyArchive;
import org.livelyladle.server.party.PartyHistory;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartySummary;
import org.livelyladle.server.phones.ForgottenGuests;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What evenings know of people, and forgetting somebody altogether. */
@Service
@Transactional
public class GuestBookService {
    /** Older evenings say nothing of what somebody likes now. */
    private static final int MOST_EVENINGS = 50;

    private final HouseholdService households;
    private final PartyService parties;
    private final PartyArchive archive;
    private final JournalService journals;
    private final ForgottenGuests phones;
    private final Catalogue catalogue;
    private final Clock clock;

    GuestBookService(
            HouseholdService households,
            PartyService parties,
            PartyArchive archive,
            JournalService journals,
            ForgottenGuests phones,
            Catalogue catalogue,
            Clock clock) {
        this.households = households;
        this.parties = parties;
        this.archive = archive;
        this.journals = journals;
        this.phones = phones;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    GuestBook book(SignedIn host) {
        Household household = households.get(host).household();
        List<UUID> latestFirst = new ArrayList<>(
                parties.list(host).stream().map(PartySummary::id).toList());
        Collections.reverse(latestFirst);
        List<GuestBook.Evening> evenings = latestFirst.stream()
                .filter(id -> isOver(host, id))
                .limit(MOST_EVENINGS)
                .map(id -> new GuestBook.Evening(
                        parties.get(host, id).brief(),
                        Facts.fold(parties.events(host, id)),
                        journals.said(id).orElseGet(Journal::empty)))
                .toList();
        return GuestBook.of(household.people(), evenings, household.extend(catalogue));
    }

    private boolean isOver(SignedIn host, UUID id) {
        return parties.over(host, id)
                .filter(end -> end.isBefore(clock.instant()))
                .isPresent();
    }

    /** Takes somebody out of the book and out of all parties that are over, deleted ones too. */
    Forgotten forget(SignedIn host, String id) {
        Guest person = households.get(host).household().people().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException("id", id, "somebody of the guest book"));
        HouseholdView household = households.erase(host, id);
        int count = 0;
        for (UUID party : archive.all(host)) {
            Optional<PartyArchive.Erased> erased = archive.erased(
                            host, party, journals.said(party).orElse(null), person)
                    .filter(one -> one.history().isOver(clock.instant()));
            if (erased.isPresent()) {
                PartyHistory history = erased.get().history();
                archive.put(host, history, household.revision());
                journals.replace(party, history.journal());
                erased.get().ids().forEach(known -> phones.forget(party, known));
                count++;
            }
        }
        return new Forgotten(household, count);
    }

    /** @param parties how many they were taken out of */
    record Forgotten(HouseholdView household, int parties) {}
}
