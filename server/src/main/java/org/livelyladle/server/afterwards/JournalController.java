package org.livelyladle.server.afterwards;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.Lesson;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.HouseholdView;
import org.livelyladle.server.web.Revision;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** What came of evenings, over HTTP. An edit of a journal names the revision it was made on in {@code If-Match}. */
@RestController
class JournalController {
    private final JournalService service;

    JournalController(JournalService service) {
        this.service = service;
    }

    @GetMapping("/api/parties/{id}/journal")
    ResponseEntity<JournalView> get(@AuthenticationPrincipal SignedIn host, @PathVariable("id") UUID id) {
        return tagged(service.get(host, id));
    }

    @PutMapping("/api/parties/{id}/journal")
    ResponseEntity<JournalView> put(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable("id") UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @RequestBody Journal journal) {
        return tagged(service.put(host, id, Revision.of(ifMatch), journal));
    }

    /** What evenings would teach the household; nothing is changed. */
    @GetMapping("/api/household/lesson")
    Lesson lesson(@AuthenticationPrincipal SignedIn host) {
        return service.lesson(host);
    }

    /** Takes what they teach. */
    @PostMapping("/api/household/lesson")
    ResponseEntity<HouseholdView> learn(@AuthenticationPrincipal SignedIn host) {
        HouseholdView view = service.learn(host);
        return ResponseEntity.ok().eTag(view.etag()).body(view);
    }

    private static ResponseEntity<JournalView> tagged(JournalView view) {
        return ResponseEntity.ok().eTag(view.etag()).body(view);
    }
}
