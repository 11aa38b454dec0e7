package org.livelyladle.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.plan.Judged;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.plan.Planned;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.NumberedEvent;
import org.livelyladle.server.party.PartyService;
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

    private final Cache<Asked, Planned> recent = Caffeine.newBuilder()
            .maximumWeight(MOST_FIGURES)
            .weigher((Asked asked, Planned planned) -> planned.ledger().size())
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();
    private final Cache<Asked, TablePlan> tables = Caffeine.newBuilder()
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

    Plan plan(Brief brief) {
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
        return follow(
                host,
                party,
                parties.get(host, party).brief(),
                asOf,
                asked -> compute(asked, null).plan());
    }

    /** A draft of a stored party, against what has happened there; an earlier draft of the same page is given up. */
    public Followed<Plan> draft(SignedIn host, UUID party, Brief draft, @Nullable String page) {
        return follow(host, party, draft, null, asked -> compute(asked, page).plan());
    }

    /** Only the table of the plan, for screens at it. */
    public Followed<TablePlan> table(SignedIn host, UUID party, @Nullable Instant asOf) {
        return follow(
                host,
                party,
                parties.get(host, party).brief(),
                asOf,
                asked -> effort.spend(
                        null,
                        () -> tables.get(asked, key -> planner.table(asked.brief(), asked.facts(), asked.moment()))));
    }

    private <T> Followed<T> follow(
            SignedIn host, UUID party, Brief brief, @Nullable Instant asOf, Function<Asked, T> answer) {
        List<NumberedEvent> events = parties.events(host, party, 0);
        Facts facts = Facts.fold(events.stream().map(NumberedEvent::event).toList());
        Instant moment = asOf == null ? facts.momentOf(clock.instant()) : asOf;
        return new Followed<>(
                answer.apply(new Asked(brief, facts, moment)),
                events.isEmpty() ? 0 : events.get(events.size() - 1).sequence());
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
