package org.livelyladle.server.party;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.edit.BriefSweep;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.Keeper;
import org.livelyladle.core.household.NewParty;
import org.livelyladle.core.household.PartyStarter;
import org.livelyladle.core.household.StartingPoint;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.HouseholdService;
import org.livelyladle.server.household.HouseholdView;
import org.livelyladle.server.web.RefusedException;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Parties of a household: made, edited by revision, deleted and brought back; their events recorded once each. */
@Service
@Transactional
public class PartyService {
    private static final int MOST_SUMMARIES = 2000;
    /** So many past parties are offered as a beginning. */
    private static final int MOST_PAST = 2;

    private final PartyRepository parties;
    private final BriefRevisionRepository revisions;
    private final RecordedEventRepository events;
    private final BriefJson json;
    private final Catalogue catalogue;
    private final PartyStarter starter;
    private final HouseholdService households;
    private final Clock clock;
    /** A revision never changes, so the list reads each brief once. */
    private final Cache<BriefRevision.Key, PartySummary> summaries =
            Caffeine.newBuilder().maximumSize(MOST_SUMMARIES).build();
    /** When each of them is over. */
    private final Cache<BriefRevision.Key, Instant> ends =
            Caffeine.newBuilder().maximumSize(MOST_SUMMARIES).build();

    PartyService(
            PartyRepository parties,
            BriefRevisionRepository revisions,
            RecordedEventRepository events,
            BriefJson json,
            Catalogue catalogue,
            HouseholdService households,
            Clock clock) {
        this.parties = parties;
        this.revisions = revisions;
        this.events = events;
        this.json = json;
        this.catalogue = catalogue;
        this.starter = new PartyStarter(catalogue);
        this.households = households;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<PartySummary> list(SignedIn host) {
        return parties.present(host.household()).stream().map(this::summary).toList();
    }

    @Transactional(readOnly = true)
    public PartyView get(SignedIn host, UUID id) {
        return view(parties.find(id, host.household()).orElseThrow(() -> unknown(id)));
    }

    /** A new party, with what the household keeps. */
    public PartyView create(SignedIn host, Beginning beginning) {
        HouseholdView kept = households.get(host);
        NewParty wish = beginning.wish();
        UUID from = beginning.from();
        Brief brief = from == null
                ? starter.start(kept.household(), beginning.startOrUsual(), wish, today(wish))
                : starter.again(kept.household(), get(host, from).brief(), wish, today(wish));
        return store(host, brief, kept.revision());
    }

    /**
     * What a new party may begin as.
     *
     * @param from a past party that is meant, in place of the last ones; null where none is
     */
    @Transactional(readOnly = true)
    public List<Start> starts(SignedIn host, NewParty wish, @Nullable UUID from) {
        Household household = households.get(host).household();
        List<Start> starts = new ArrayList<>();
        for (StartingPoint start : StartingPoint.values()) {
            starts.add(new Start(
                    start, null, start.label(), start.remark(), starter.start(household, start, wish, today(wish))));
        }
        List<Party> meant = from == null
                ? parties.lastOnes(host.household(), Limit.of(MOST_PAST))
                : List.of(parties.find(from, host.household()).orElseThrow(() -> unknown(from)));
        for (Party party : meant) {
            Brief past = view(party).brief();
            starts.add(new Start(
                    null,
                    party.id(),
                    "As “" + past.title() + "”",
                    "Table and menu of " + KitchenText.day(past.sitDown()) + "; "
                            + (wish.guests().isEmpty() ? "the same guests" : "your guests"),
                    starter.again(household, past, wish, today(wish))));
        }
        return starts;
    }

    private LocalDateTime today(NewParty wish) {
        return LocalDateTime.ofInstant(clock.instant(), ZoneId.of(wish.zone()));
    }

    /** Takes a whole brief in as a new party. */
    public PartyView store(SignedIn host, Brief brief) {
        return store(host, brief, households.get(host).revision());
    }

    private PartyView store(SignedIn host, Brief brief, int household) {
        BriefCheck.check(brief, catalogue);
        Party party =
                parties.saveAndFlush(new Party(UUID.randomUUID(), host.household(), brief, household, clock.instant()));
        save(party, host, brief);
        return new PartyView(party.id(), party.revision(), brief);
    }

    /** What the household has otherwise now than when this party last took something over; what is over stays as it was. */
    @Transactional(readOnly = true)
    public List<HouseholdNews> news(SignedIn host, UUID id) {
        Party party = parties.find(id, host.household()).orElseThrow(() -> unknown(id));
        HouseholdView now = households.get(host);
        Brief brief = view(party).brief();
        boolean isOver = brief.sitDown().atZone(brief.zoneId()).toInstant().isBefore(clock.instant());
        if (isOver || party.householdRevision() == now.revision()) {
            return List.of();
        }
        Keeper keeper = new Keeper(catalogue);
        return keeper.news(brief, households.at(host, party.householdRevision()), now.household()).stream()
                .map(news ->
                        new HouseholdNews(news, brief, keeper.take(brief, now.household(), news.part(), news.id())))
                .toList();
    }

    /** This party has seen the household as it is: nothing of it is offered again. */
    public void seen(SignedIn host, UUID id) {
        parties.lock(id, host.household())
                .orElseThrow(() -> unknown(id))
                .seeHousehold(households.get(host).revision());
    }

    /** The brief without what refers to something that is not there. */
    public Brief tidied(Brief brief) {
        return BriefSweep.sweep(brief, catalogue);
    }

    /** The next revision, if {@code revision} is still the newest; else 412 with the newest. */
    public PartyView edit(SignedIn host, UUID id, int revision, Brief brief) {
        BriefCheck.check(brief, catalogue);
        Party party = parties.lock(id, host.household()).orElseThrow(() -> unknown(id));
        if (party.revision() != revision) {
            PartyView current = view(party);
            throw new RefusedException(
                    HttpStatus.PRECONDITION_FAILED,
                    "The party was changed meanwhile: revision %d is the newest, the edit was made on %d. Merge and send again."
                            .formatted(current.revision(), revision),
                    Map.of("current", current));
        }
        party.revise(brief);
        save(party, host, brief);
        events.announce(id.toString());
        return new PartyView(id, party.revision(), brief);
    }

    public void delete(SignedIn host, UUID id) {
        parties.lock(id, host.household()).orElseThrow(() -> unknown(id)).deleteAt(clock.instant());
    }

    public void restore(SignedIn host, UUID id) {
        parties.lockEvenDeleted(id, host.household())
                .orElseThrow(() -> unknown(id))
                .restore();
    }

    @Transactional(readOnly = true)
    public List<PartyEvent> events(SignedIn host, UUID id) {
        return events(host, id, 0).stream().map(NumberedEvent::event).toList();
    }

    /** What was recorded after an event of this number, 0 for everything. */
    @Transactional(readOnly = true)
    public List<NumberedEvent> events(SignedIn host, UUID id, long after) {
        parties.find(id, host.household()).orElseThrow(() -> unknown(id));
        return events.after(id, after).stream()
                .map(event -> new NumberedEvent(event.number(), told(event)))
                .toList();
    }

    private PartyEvent told(RecordedEvent event) {
        return json.event(event.body()).noLaterThan(event.recordedAt());
    }

    /** When a party is over; nothing for one there is none of. */
    @Transactional(readOnly = true)
    public Optional<Instant> over(SignedIn host, UUID id) {
        return parties.find(id, host.household())
                .map(party -> ends.get(new BriefRevision.Key(party.id(), party.revision()), key -> over(view(party))));
    }

    private static Instant over(PartyView view) {
        Brief brief = view.brief();
        return brief.sitDown()
                .plusMinutes(brief.mealMinutes())
                .atZone(brief.zoneId())
                .toInstant();
    }

    /** Tells all screens and phones of a party to look again. */
    public void announce(UUID id) {
        events.announce(id.toString());
    }

    /** How far a party has come. */
    @Transactional(readOnly = true)
    public PartyState state(SignedIn host, UUID id) {
        Party party = parties.find(id, host.household()).orElseThrow(() -> unknown(id));
        return new PartyState(events.last(id), party.revision());
    }

    public EventReceipt record(SignedIn host, UUID id, List<PartyEvent> batch) {
        return record(host, id, batch, null);
    }

    /** Whether a phone told of an event itself. */
    @Transactional(readOnly = true)
    public boolean isOf(UUID id, UUID event, UUID device) {
        return events.findById(new RecordedEvent.Key(id, event))
                .filter(known -> device.equals(known.device()))
                .isPresent();
    }

    /** @param device the phone that told of it; null where the host did */
    public EventReceipt record(SignedIn host, UUID id, List<PartyEvent> batch, @Nullable UUID device) {
        parties.lock(id, host.household()).orElseThrow(() -> unknown(id));
        Map<RecordedEvent.Key, PartyEvent> fresh = new LinkedHashMap<>();
        batch.forEach(event -> fresh.putIfAbsent(new RecordedEvent.Key(id, event.id()), event));
        events.findAllById(List.copyOf(fresh.keySet())).forEach(known -> fresh.remove(known.getId()));
        fresh.forEach((key, event) ->
                events.save(new RecordedEvent(key, json.write(event), host.host(), device, clock.instant())));
        events.flush();
        if (!fresh.isEmpty()) {
            events.announce(id.toString());
        }
        int recorded = fresh.size();
        return new EventReceipt(recorded, batch.size() - recorded, events.last(id));
    }

    private void save(Party party, SignedIn host, Brief brief) {
        revisions.save(new BriefRevision(
                new BriefRevision.Key(party.id(), party.revision()), json.write(brief), host.host(), clock.instant()));
    }

    private PartyView view(Party party) {
        BriefRevision newest = revisions
                .findById(new BriefRevision.Key(party.id(), party.revision()))
                .orElseThrow(() ->
                        new IllegalStateException("Party " + party.id() + " has no revision " + party.revision()));
        return new PartyView(party.id(), party.revision(), json.brief(newest.brief()));
    }

    private PartySummary summary(Party party) {
        return summaries.get(new BriefRevision.Key(party.id(), party.revision()), revision -> summary(view(party)));
    }

    private PartySummary summary(PartyView view) {
        Brief brief = view.brief();
        Catalogue known = brief.extend(catalogue);
        return new PartySummary(
                view.id(),
                brief.title(),
                brief.sitDown(),
                brief.zone(),
                brief.guests().size(),
                brief.menu().size(),
                brief.sides().stream()
                        .map(side -> known.broth(side.broth()).tint())
                        .toList());
    }

    private static RefusedException unknown(UUID id) {
        return new RefusedException(
                HttpStatus.NOT_FOUND, "There is no party " + id + " here; it may have been deleted.");
    }
}
