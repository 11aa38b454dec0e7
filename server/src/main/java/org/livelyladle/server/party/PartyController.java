package org.livelyladle.server.party;

import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.Revision;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Parties over HTTP. An edit names the revision it was made on in {@code If-Match}. */
@RestController
@RequestMapping("/api/parties")
class PartyController {
    private final PartyService service;
    private final DeviceClocks clocks;

    PartyController(PartyService service, DeviceClocks clocks) {
        this.service = service;
        this.clocks = clocks;
    }

    @GetMapping
    List<PartySummary> list(@AuthenticationPrincipal SignedIn host) {
        return service.list(host);
    }

    @PostMapping
    ResponseEntity<PartyView> create(@AuthenticationPrincipal SignedIn host, @RequestBody Beginning wish) {
        return created(service.create(host, wish));
    }

    /** Takes in a party.json. */
    @PostMapping("/import")
    ResponseEntity<PartyView> importBrief(@AuthenticationPrincipal SignedIn host, @RequestBody Brief brief) {
        return created(service.store(host, brief));
    }

    @GetMapping("/{id}")
    ResponseEntity<PartyView> get(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return tagged(service.get(host, id));
    }

    /**
     * The next revision.
     *
     * @param tidy true where what refers to something that is not there is to be taken out instead of refused; the answer
     *     says what came of it
     */
    @PutMapping("/{id}/brief")
    ResponseEntity<PartyView> edit(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @RequestParam(name = "tidy", defaultValue = "false") boolean tidy,
            @RequestBody Brief brief) {
        Brief kept = tidy ? service.tidied(brief) : brief;
        PartyView view = service.edit(host, id, Revision.of(ifMatch), kept);
        return ResponseEntity.ok()
                .eTag(view.etag())
                .header("Ladle-Tidied", String.valueOf(!kept.equals(brief)))
                .body(view);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        service.delete(host, id);
    }

    /** Brings a deleted party back. */
    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        service.restore(host, id);
    }

    @GetMapping("/{id}/events")
    List<PartyEvent> events(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.events(host, id);
    }

    /**
     * Records what happened; events known by their id change nothing.
     *
     * @param sent what the device's own clock says now: by how far it is off its events are put right
     */
    @PostMapping("/{id}/events")
    EventReceipt record(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestHeader(name = "Ladle-Sent", required = false) @Nullable String sent,
            @RequestBody List<PartyEvent> batch) {
        return service.record(host, id, clocks.putRight(batch, sent));
    }

    private static ResponseEntity<PartyView> created(PartyView view) {
        return ResponseEntity.created(URI.create("/api/parties/" + view.id()))
                .eTag(view.etag())
                .body(view);
    }

    private static ResponseEntity<PartyView> tagged(PartyView view) {
        return ResponseEntity.ok().eTag(view.etag()).body(view);
    }
}
