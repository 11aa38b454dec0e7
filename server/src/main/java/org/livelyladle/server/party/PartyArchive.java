package org.livelyladle.server.party;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Parties with all their past, taken out and put in as a whole. */
@Service
@Transactional
public class PartyArchive {
    private final PartyRepository parties;
    private final BriefRevisionRepository revisions;
    private final RecordedEventRepository events;
    private final BriefJson json;
    private final Catalogue catalogue;

    PartyArchive(
            PartyRepository parties,
            BriefRevisionRepository revisions,
            RecordedEventRepository events,
            BriefJson json,
            Catalogue catalogue) {
        this.parties = parties;
        this.revisions = revisions;
        this.events = events;
        this.json = json;
        this.catalogue = catalogue;
    }

    /** Deleted ones too, in the order of their ids. */
    @Transactional(readOnly = true)
    public List<UUID> all(SignedIn host) {
        return parties.ids(host.household());
    }

    @Transactional(readOnly = true)
    public PartyHistory history(SignedIn host, UUID id, @Nullable Journal journal) {
        Party party = parties.findEvenDeleted(id, host.household()).orElseThrow();
        return new PartyHistory(
                PartyHistory.FORMAT,
                PartyHistory.VERSION,
                id,
                party.createdAt(),
                party.deletedAt(),
                revisions.of(id).stream()
                        .map(saved -> new PartyHistory.Saved(saved.savedAt(), json.brief(saved.brief())))
                        .toList(),
                events.after(id, 0).stream()
                        .map(event -> new PartyHistory.Recorded(event.recordedAt(), json.event(event.body())))
                        .toList(),
                journal);
    }

    /** Whether a history can be put in: its newest brief fits what this program knows, and nobody else has its id. */
    @Transactional(readOnly = true)
    public void check(SignedIn host, PartyHistory history) {
        BriefCheck.check(history.newest(), catalogue);
        if (parties.existsById(history.id())
                && parties.findEvenDeleted(history.id(), host.household()).isEmpty()) {
            throw new RefusedException(
                    HttpStatus.CONFLICT, "The party " + history.id() + " belongs to another household here.");
        }
    }

    /**
     * All there is of a party without a person.
     *
     * @param ids under which they were in it
     */
    public record Erased(PartyHistory history, List<String> ids) {}

    /** Nothing where they were never there. */
    @Transactional(readOnly = true)
    public Optional<Erased> erased(SignedIn host, UUID id, @Nullable Journal journal, Guest person) {
        PartyHistory history = history(host, id, journal);
        Erasure erasure = new Erasure(json.mapper(), catalogue, person);
        List<String> ids = erasure.idsIn(history);
        return ids.isEmpty() ? Optional.empty() : Optional.of(new Erased(erasure.of(history), ids));
    }

    /**
     * Puts a party in as it was, in place of the one of its id.
     *
     * @param household the revision of the household it has seen
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void put(SignedIn host, PartyHistory history, int household) {
        UUID id = history.id();
        events.forget(id);
        revisions.forget(id);
        Party party = parties.lockEvenDeleted(id, host.household())
                .orElseGet(() -> new Party(id, host.household(), household, history.createdAt()));
        int number = party.revision();
        party.putBack(
                history.newest(), history.revisions().size(), household, history.createdAt(), history.deletedAt());
        parties.saveAndFlush(party);
        for (PartyHistory.Saved saved : history.revisions()) {
            revisions.save(new BriefRevision(
                    new BriefRevision.Key(id, ++number), json.write(saved.brief()), host.host(), saved.savedAt()));
        }
        revisions.flush();
        for (PartyHistory.Recorded recorded : history.events()) {
            events.saveAndFlush(new RecordedEvent(
                    new RecordedEvent.Key(id, recorded.event().id()),
                    json.write(recorded.event()),
                    host.host(),
                    null,
                    recorded.recordedAt()));
        }
        events.announce(id.toString());
    }
}
