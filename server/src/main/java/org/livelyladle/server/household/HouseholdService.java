package org.livelyladle.server.household;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.HouseholdCheck;
import org.livelyladle.core.household.HouseholdPart;
import org.livelyladle.core.household.Keeper;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What a household keeps from party to party: read, replaced as a whole, kept and forgotten part by part. */
@Service
@Transactional
public class HouseholdService {
    private final HouseholdRevisionRepository revisions;
    private final FirstHousehold first;
    private final JsonMapper mapper;
    private final Catalogue catalogue;
    private final Clock clock;

    HouseholdService(
            HouseholdRevisionRepository revisions,
            FirstHousehold first,
            JsonMapper mapper,
            Catalogue catalogue,
            Clock clock) {
        this.revisions = revisions;
        this.first = first;
        this.mapper = mapper;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public HouseholdView get(SignedIn host) {
        return revisions
                .newest(host.household())
                .map(newest -> new HouseholdView(newest.number(), read(newest)))
                .orElseGet(() -> new HouseholdView(0, first.on(LocalDate.now(clock))));
    }

    /** As it was at a revision; before the first as if nobody had said anything, with prices of the same day as now. */
    @Transactional(readOnly = true)
    public Household at(SignedIn host, int revision) {
        return revisions
                .findById(new HouseholdRevision.Key(host.household(), revision))
                .map(this::read)
                .orElseGet(() -> first.on(get(host).household().prices().asOf()));
    }

    /** The next revision, if {@code revision} is still the newest; else 412 with the newest. */
    HouseholdView replace(SignedIn host, int revision, Household household) {
        HouseholdCheck.check(household, catalogue);
        return change(host, current -> {
            if (current.revision() != revision) {
                throw new RefusedException(
                        HttpStatus.PRECONDITION_FAILED,
                        "The household was changed meanwhile: revision %d is the newest, the edit was made on %d. Merge and send again."
                                .formatted(current.revision(), revision),
                        Map.of("current", current));
            }
            return household;
        });
    }

    /** Takes a part of a party over for the next ones. */
    HouseholdView keep(SignedIn host, Brief brief, HouseholdPart part, @Nullable String id) {
        BriefCheck.check(brief, catalogue);
        return change(host, current -> new Keeper(catalogue).keep(current.household(), brief, part, id));
    }

    HouseholdView forget(SignedIn host, HouseholdPart part, @Nullable String id) {
        return change(
                host,
                current -> new Keeper(catalogue).forget(current.household(), first.on(LocalDate.now(clock)), part, id));
    }

    /** Takes somebody out of the book, as it is and as it ever was. */
    public HouseholdView erase(SignedIn host, String person) {
        HouseholdView view = forget(host, HouseholdPart.PERSON, person);
        for (HouseholdRevision revision : revisions.of(host.household())) {
            Household then = read(revision);
            if (then.people().stream().anyMatch(one -> one.id().equals(person))) {
                Household erased = new Keeper(catalogue).without(then, person);
                revisions.rewrite(host.household(), revision.number(), mapper.writeValueAsString(erased));
            }
        }
        return view;
    }

    /** In place of all that is kept. */
    public HouseholdView putBack(SignedIn host, Household household) {
        return change(host, current -> household);
    }

    /** Takes over what evenings have taught. */
    public HouseholdView learn(SignedIn host, UnaryOperator<Household> lesson) {
        return change(host, current -> lesson.apply(current.household()));
    }

    private HouseholdView change(SignedIn host, Function<HouseholdView, Household> edit) {
        revisions.lock(host.household());
        HouseholdView current = get(host);
        Household next = edit.apply(current);
        if (next.equals(current.household()) && current.revision() > 0) {
            return current;
        }
        HouseholdCheck.check(next, catalogue);
        int number = current.revision() + 1;
        revisions.save(new HouseholdRevision(
                new HouseholdRevision.Key(host.household(), number),
                mapper.writeValueAsString(next),
                host.host(),
                clock.instant()));
        return new HouseholdView(number, next);
    }

    private Household read(HouseholdRevision revision) {
        return mapper.readValue(revision.document(), Household.class);
    }
}
