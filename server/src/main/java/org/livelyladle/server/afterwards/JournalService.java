package org.livelyladle.server.afterwards;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.JournalCheck;
import org.livelyladle.core.afterwards.KeepingPlanner;
import org.livelyladle.core.afterwards.Lesson;
import org.livelyladle.core.afterwards.Outcomes;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.HouseholdService;
import org.livelyladle.server.household.HouseholdView;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Journals of parties, and the lesson a household takes from those it has not learnt from. */
@Service
@Transactional
public class JournalService {
    private final KeptJournalRepository journals;
    private final PartyService parties;
    private final HouseholdService households;
    private final Planner planner;
    private final Catalogue catalogue;
    private final JsonMapper mapper;
    private final Clock clock;

    JournalService(
            KeptJournalRepository journals,
            PartyService parties,
            HouseholdService households,
            Planner planner,
            Catalogue catalogue,
            JsonMapper mapper,
            Clock clock) {
        this.journals = journals;
        this.parties = parties;
        this.households = households;
        this.planner = planner;
        this.catalogue = catalogue;
        this.mapper = mapper;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    JournalView get(SignedIn host, UUID party) {
        return standing(party, parties.get(host, party).brief());
    }

    /** The next revision, if {@code revision} is still the newest; else 412 with the newest. */
    JournalView put(SignedIn host, UUID party, int revision, Journal journal) {
        Brief brief = parties.get(host, party).brief();
        JournalCheck.check(journal, brief);
        journals.lock(party);
        JournalView current = standing(party, brief);
        if (current.revision() != revision) {
            throw new RefusedException(
                    HttpStatus.PRECONDITION_FAILED,
                    "The journal was changed meanwhile: revision %d is the newest, the edit was made on %d. Merge and send again."
                            .formatted(current.revision(), revision),
                    Map.of("current", current));
        }
        journals.save(new KeptJournal(party, revision + 1, mapper.writeValueAsString(journal), clock.instant()));
        return view(revision + 1, journal, brief);
    }

    /** What the household would learn from the evenings it has not learnt from. */
    @Transactional(readOnly = true)
    Lesson lesson(SignedIn host) {
        return Lesson.of(households.get(host).household(), told(host));
    }

    /** Takes the lesson as one edit of the household. */
    HouseholdView learn(SignedIn host) {
        return households.learn(
                host, household -> Lesson.of(household, told(host)).after());
    }

    /** What was said of a party; nothing where nobody has said anything. */
    @Transactional(readOnly = true)
    public Optional<Journal> said(UUID party) {
        return journals.findById(party).map(this::read);
    }

    /** In place of what was said of a party. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void replace(UUID party, @Nullable Journal journal) {
        Optional<KeptJournal> before = journals.findById(party);
        if (journal == null) {
            before.ifPresent(journals::delete);
        } else {
            int revision = before.map(KeptJournal::revision).orElse(0);
            journals.save(new KeptJournal(party, revision + 1, mapper.writeValueAsString(journal), clock.instant()));
        }
    }

    private List<Lesson.Told> told(SignedIn host) {
        return journals.of(host.household()).stream()
                .map(kept -> {
                    Brief brief = parties.get(host, kept.party()).brief();
                    return new Lesson.Told(
                            kept.party().toString(),
                            brief.title(),
                            Outcomes.of(brief, planner.portions(brief), read(kept)));
                })
                .toList();
    }

    private JournalView standing(UUID party, Brief brief) {
        return journals.findById(party)
                .map(kept -> view(kept.revision(), read(kept), brief))
                .orElseGet(() -> view(0, Journal.empty(), brief));
    }

    private JournalView view(int revision, Journal journal, Brief brief) {
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        return new JournalView(
                revision,
                journal,
                new KeepingPlanner(brief, brief.extend(catalogue), text).plan(planner.portions(brief), journal));
    }

    private Journal read(KeptJournal kept) {
        return mapper.readValue(kept.document(), Journal.class);
    }
}
