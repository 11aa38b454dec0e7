package org.livelyladle.server.household;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.household.Household;
import org.livelyladle.core.household.HouseholdPart;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.Revision;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a household keeps, over HTTP. An edit of the whole names the revision it was made on in {@code If-Match}. */
@RestController
@RequestMapping("/api/household")
class HouseholdController {
    /**
     * A part of a party to be kept for the next ones.
     *
     * @param id of which guest, food or broth of the party; null for the other parts
     */
    record Kept(Brief brief, HouseholdPart part, @Nullable String id) {}

    private final HouseholdService service;

    HouseholdController(HouseholdService service) {
        this.service = service;
    }

    @GetMapping
    ResponseEntity<HouseholdView> get(@AuthenticationPrincipal SignedIn host) {
        return tagged(service.get(host));
    }

    @PutMapping
    ResponseEntity<HouseholdView> replace(
            @AuthenticationPrincipal SignedIn host,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @RequestBody Household household) {
        return tagged(service.replace(host, Revision.of(ifMatch), household));
    }

    /** Keeps a part of a party for the next ones. */
    @PostMapping("/kept")
    ResponseEntity<HouseholdView> keep(@AuthenticationPrincipal SignedIn host, @RequestBody Kept kept) {
        return tagged(service.keep(
                host, Check.present(kept.brief(), "brief"), Check.present(kept.part(), "part"), kept.id()));
    }

    /** Forgets a part, and what cannot be without it. */
    @DeleteMapping("/kept")
    ResponseEntity<HouseholdView> forget(
            @AuthenticationPrincipal SignedIn host,
            @RequestParam("part") HouseholdPart part,
            @RequestParam(name = "id", required = false) @Nullable String id) {
        return tagged(service.forget(host, part, id));
    }

    private static ResponseEntity<HouseholdView> tagged(HouseholdView view) {
        return ResponseEntity.ok().eTag(view.etag()).body(view);
    }
}
