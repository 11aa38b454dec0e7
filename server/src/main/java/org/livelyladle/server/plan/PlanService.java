package org.livelyladle.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.plan.Judged;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartyState;
import org.livelyladle.server.web.Effort;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Computes plans; nothing of them is stored, the last few are remembered for a minute. */
@Service
public class PlanService {
    /** So many figures are remembered in all: some twenty suppers, or two parties at the limits. */
    private static final int MOST_FIGURES = 40_000;

    private static final int MOST_TABLES = 20;

    /** What a plan follows from. */
    private record Asked(Brief brief, Facts facts, Instant moment) {}

    /** How far a stored party has come: what it is, and what happened, follows from it. */
    private record Known(UUID party, PartyState state) {}

    private record Told(Brief brief, List<PartyEvent> events, Facts facts) {}

    private record Look(Known known, Instant moment) {}

    private final Cache<Asked, Planned> recent = Caffeine.newBuilder()
            .maximumWeight(MOST_FIGURES)
            .weigher((Asked asked, Planned planned) -> planned.ledger().size())
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();
    private final Cache<Known, Told> told = Caffeine.newBuilder()
            .maximumSize(MOST_TABLES)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();
    private final Cache<Look, TablePlan> tables = Caffeine.newBuilder()
            .maximumSize(MOST_TABLES)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();
    private final Planner planner;
    private final Catalogue catalogue;
    private final PartyService parties;
    private final Clock clock;
    private final Effort effort;

    PlanService(Planner planner, Catalogue catalogue, PartyService parties, Clock clock, Effort effort) {
        this.effort = effort;
        this.planner = planner;
        this.catalogue = catalogue;
        this.parties = parties;
        this.clock = clock;
    }

    public Plan plan(Brief brief) {
        return compute(brief, Facts.none(), null).plan();
    }

    Judged audit(Brief brief, List<Drop> drops) {
        return effort.spend(null, () -> planner.audit(Check.present(brief, "brief"), Check.present(drops, "drops")));
    }

    TablePlan sequence(Brief brief, @Nullable TableState state) {
        return effort.spend(
                null,
                () -> planner.sequence(Check.present(brief, "brief"), state == null ? TableState.empty() : state));
    }

    /**
     * An answer and how much of what happened it knows of.
     *
     * @param sequence number of the last event; 0 before the first
     */
    public record Followed<T>(T answer, long sequence) {}

    /** The plan of a stored party, with what has happened there. */
    public Plan plan(SignedIn host, UUID party) {
        return follow(host, party, null).answer();
    }

    /** The same as it is at another moment; now where there is none. */
    Followed<Plan> follow(SignedIn host, UUID party, @Nullable Instant asOf) {
        Known known = known(host, party);
        Told told = told(host, known);
        Plan plan = compute(new Asked(told.brief(), told.facts(), moment(told, asOf)), null)
                .plan();
        return new Followed<>(plan, known.state().sequence());
    }

    /** A draft of a stored party, against what has happened there; an earlier draft of the same page is given up. */
    public Followed<Plan> draft(SignedIn host, UUID party, Brief draft, @Nullable String page) {
        Known known = known(host, party);
        Plan plan = compute(draft, told(host, known).facts(), page).plan();
        return new Followed<>(plan, known.state().sequence());
    }

    /** A stored party as it stands: what it is, what happened, and the plan that follows. */
    public record Standing(Brief brief, Facts facts, Plan plan, long sequence) {}

    public Standing standing(SignedIn host, UUID party) {
        Known known = known(host, party);
        Told told = told(host, known);
        Plan plan = compute(new Asked(told.brief(), told.facts(), moment(told, null)), null)
                .plan();
        return new Standing(told.brief(), told.facts(), plan, known.state().sequence());
    }

    /** Only the table of the plan, for screens at it: computed once for all of them. */
    public Followed<TablePlan> table(SignedIn host, UUID party, @Nullable Instant asOf) {
        Known known = known(host, party);
        Told told = told(host, known);
        Instant moment = moment(told, asOf);
        TablePlan table = effort.spend(
                null,
                () -> tables.get(new Look(known, moment), look -> planner.table(told.brief(), told.facts(), moment)));
        return new Followed<>(table, known.state().sequence());
    }

    /** The table as it would be if this had happened too; nothing is recorded. */
    TablePlan asIf(SignedIn host, UUID party, PartyEvent event) {
        Told told = told(host, known(host, party));
        List<PartyEvent> events = new ArrayList<>(told.events());
        events.add(event);
        return effort.spend(null, () -> planner.table(told.brief(), Facts.fold(events), event.at()));
    }

    private Known known(SignedIn host, UUID party) {
        return new Known(party, parties.state(host, party));
    }

    /** Read once for all that ask before anything new is said. */
    private Told told(SignedIn host, Known known) {
        return told.get(known, key -> {
            List<PartyEvent> events = parties.events(host, key.party());
            return new Told(parties.get(host, key.party()).brief(), events, Facts.fold(events));
        });
    }

    private Instant moment(Told told, @Nullable Instant asOf) {
        return asOf == null ? told.facts().momentOf(clock.instant()) : asOf;
    }

    /** True when an ingredient is one of the catalogue or of the party's own. */
    public boolean knows(Brief brief, String ingredient) {
        return brief.extend(catalogue).findIngredient(ingredient).isPresent();
    }

    Working working(SignedIn host, UUID party, String figure) {
        return compute(host, party)
                .ledger()
                .working(figure)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "The plan of this party has no figure '" + figure + "'."));
    }

    private Planned compute(SignedIn host, UUID party) {
        return compute(parties.get(host, party).brief(), facts(host, party), null);
    }

    private Facts facts(SignedIn host, UUID party) {
        return Facts.fold(parties.events(host, party));
    }

    private Planned compute(Brief brief, Facts facts, @Nullable String page) {
        return compute(new Asked(brief, facts, facts.momentOf(clock.instant())), page);
    }

    /** Asked for again for the same moment, with nothing new said and nothing new happened, it is the same plan. */
    private Planned compute(Asked asked, @Nullable String page) {
        return effort.spend(
                page, () -> recent.get(asked, key -> planner.plan(asked.brief(), asked.facts(), asked.moment())));
    }
}
