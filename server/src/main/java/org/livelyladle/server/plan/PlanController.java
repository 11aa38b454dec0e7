package org.livelyladle.server.plan;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.measure.Working;
import org.livelyladle.core.plan.Judged;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plans and workings over HTTP. */
@RestController
@RequestMapping("/api")
class PlanController {
    /** A brief, and drops somebody thinks of for it. */
    record Drops(Brief brief, List<Drop> drops) {}

    /** A brief, and what has happened at its table; nothing when left out. */
    record Later(Brief brief, @Nullable TableState state) {}

    private final PlanService service;
    private final PartyService parties;
    private final Clock clock;

    PlanController(PlanService service, PartyService parties, Clock clock) {
        this.parties = parties;
        this.service = service;
        this.clock = clock;
    }

    /** The plan of a brief; stateless, nothing is stored. */
    @PostMapping("/plan")
    Plan plan(@RequestBody Brief brief) {
        return service.plan(brief);
    }

    /** Which hard rules any drops for a brief break; none is listed when the sequence is clean. Stateless. */
    @PostMapping("/table-audit")
    Judged audit(@RequestBody Drops drops) {
        return service.audit(drops.brief(), drops.drops());
    }

    /** The table of a brief from a later moment on: what happened stays, the rest goes on from there. Stateless. */
    @PostMapping("/table-sequence")
    TablePlan sequence(@RequestBody Later later) {
        return service.sequence(later.brief(), later.state());
    }

    /** @param asOf the moment it is looked at; now when left out */
    @GetMapping("/parties/{id}/plan")
    ResponseEntity<Plan> plan(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestParam(name = "asOf", required = false) @Nullable String asOf) {
        return answer(service.follow(host, id, instant(asOf)));
    }

    /** Only the table of the same plan: what a screen at the table asks for again and again. */
    @GetMapping("/parties/{id}/table")
    ResponseEntity<TablePlan> table(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestParam(name = "asOf", required = false) @Nullable String asOf) {
        return answer(service.table(host, id, instant(asOf)));
    }

    /** The table as it would be if this had happened too, to be looked at before it is marked; nothing is recorded. */
    @PostMapping("/parties/{id}/table")
    TablePlan asIf(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @RequestBody PartyEvent event) {
        return service.asIf(host, id, event);
    }

    /** What the server's clock says, so that a page can count by it, and the last event the plan knows of. */
    private <T> ResponseEntity<T> answer(PlanService.Followed<T> followed) {
        return ResponseEntity.ok()
                .header("Ladle-Now", clock.instant().toString())
                .header("Ladle-Sequence", Long.toString(followed.sequence()))
                .body(followed.answer());
    }

    private static @Nullable Instant instant(@Nullable String asOf) {
        try {
            return asOf == null ? null : Instant.parse(asOf);
        } catch (DateTimeException e) {
            throw new InvalidInputException("asOf", String.valueOf(asOf), "an instant such as 2026-11-28T19:40:00Z");
        }
    }

    /**
     * The plan of a draft that is not saved yet, with the party's own events.
     *
     * @param tidy true where what refers to something that is not there is to be taken out instead of refused
     */
    @PostMapping("/parties/{id}/plan")
    ResponseEntity<Plan> draft(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestParam(name = "tidy", defaultValue = "false") boolean tidy,
            @RequestBody Brief brief,
            @RequestHeader(name = "Ladle-Page", required = false) @Nullable String page) {
        Brief draft = tidy ? parties.tidied(brief) : brief;
        return answer(service.draft(host, id, draft, page == null ? null : host.host() + " " + page));
    }

    /** How one figure of the party's plan came about. */
    @GetMapping("/parties/{id}/working")
    Working working(
            @AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @RequestParam("figure") String figure) {
        return service.working(host, id, figure);
    }
}
