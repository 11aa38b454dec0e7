package org.livelyladle.server.afterwards;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.JournalCheck;
import org.livelyladle.core.afterwards.Keeping;
import org.livelyladle.core.afterwards.KeepingPlanner;
import org.livelyladle.core.afterwards.Lesson;
import org.livelyladle.core.afterwards.Outcomes;
import org.livelyladle.core.afterwards.Timings;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.HouseholdService;
import org.livelyladle.server.household.HouseholdView;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Journals of parties, and the lesson a household takes from those it has not learnt from. */
@Service
@Transactional
public class JournalService {
    private final KeptJournalRepository journals;
    private final PartyService parties;
    private final HouseholdService households;
    private final Planner planner;
    private final PlanService plans;
    private final TransactionTemplate transaction;
    private final Catalogue catalogue;
    private final JsonMapper mapper;
    private final Clock clock;

    JournalService(
            KeptJournalRepository journals,
            PartyService parties,
            HouseholdService households,
            Planner planner,
            PlanService plans,
            TransactionTemplate transaction,
            Catalogue catalogue,
            JsonMapper mapper,
            Clock clock) {
        this.journals = journals;
        this.parties = parties;
        this.households = households;
        this.planner = planner;
        this.plans = plans;
        this.transaction = transaction;
        this.catalogue = catalogue;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Plans are computed outside of transactions: nobody waits for the database meanwhile. */
    @Transactional(propagation = Propagation.SUPPORTS)
    JournalView get(SignedIn host, UUID party) {
        return current(host, plans.standing(host, party), party);
    }

    /** The next revision, if {@code revision} is still the newest; else 412 with the newest. */
    @Transactional(propagation = Propagation.SUPPORTS)
    JournalView put(SignedIn host, UUID party, int revision, Journal journal) {
        PlanService.Standing standing = plans.standing(host, party);
        JournalCheck.check(journal, standing.brief());
        if (!Boolean.TRUE.equals(transaction.execute(status -> save(party, revision, journal)))) {
            JournalView current = current(host, standing, party);
            throw new RefusedException(
                    HttpStatus.PRECONDITION_FAILED,
                    "The journal was changed meanwhile: revision %d is the newest, the edit was made on %d. Merge and send again."
                            .formatted(current.revision(), revision),
                    Map.of("current", current));
        }
        return view(host, standing, revision + 1, journal);
    }

    /** Whether {@code revision} was still the newest. */
    private boolean save(UUID party, int revision, Journal journal) {
        journals.lock(party);
        boolean isNewest = journals.findById(party).map(KeptJournal::revision).orElse(0) == revision;
        if (isNewest) {
            journals.save(new KeptJournal(party, revision + 1, mapper.writeValueAsString(journal), clock.instant()));
        }
        return isNewest;
    }

    /** What to do with what is left. */
    @Transactional(propagation = Propagation.SUPPORTS)
    public List<Keeping> keeping(SignedIn host, UUID party) {
        return get(host, party).keeping();
    }

    /** What the household would learn from the evenings it has not learnt from. */
    @Transactional(readOnly = true)
    Lesson lesson(SignedIn host) {
        return lesson(host, households.get(host).household());
    }

    /** Takes the lesson as one edit of the household. */
    HouseholdView learn(SignedIn host) {
        return households.learn(host, household -> lesson(host, household).after());
    }

    private Lesson lesson(SignedIn host, Household household) {
        Map<String, String> names = journals.of(host.household()).stream()
                .flatMap(kept -> read(kept).times().stream())
                .collect(Collectors.toMap(Journal.Took::of, Journal.Took::name, (one, other) -> other));
        return Lesson.of(household, told(host, household), names);
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

    private List<Lesson.Told> told(SignedIn host, Household household) {
        return journals.of(host.household()).stream()
                .map(kept -> {
                    Brief brief = parties.get(host, kept.party()).brief();
                    return new Lesson.Told(
                            kept.party().toString(),
                            brief.title(),
                            Outcomes.of(brief, planner.portions(brief), read(kept), household::idInBook));
                })
                .toList();
    }

    private JournalView current(SignedIn host, PlanService.Standing standing, UUID party) {
        return journals.findById(party)
                .map(kept -> view(host, standing, kept.revision(), read(kept)))
                .orElseGet(() -> view(host, standing, 0, Journal.empty()));
    }

    private JournalView view(SignedIn host, PlanService.Standing standing, int revision, Journal journal) {
        Brief brief = standing.brief();
        KeepingPlanner keeping =
                new KeepingPlanner(brief, brief.extend(catalogue), new KitchenText(brief.units(), brief.currency()));
        Brief untaught = brief.untaught();
        Plan usual = untaught.equals(brief) ? standing.plan() : plans.plan(untaught);
        return new JournalView(
                revision,
                journal,
                keeping.plan(standing.plan(), journal),
                keeping.nextDay(standing.plan(), journal),
                Timings.of(households.get(host).household(), usual, standing.plan(), standing.facts()));
    }

    private Journal read(KeptJournal kept) {
        return mapper.readValue(kept.document(), Journal.class);
    }
}
