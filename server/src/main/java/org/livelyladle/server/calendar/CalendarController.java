package org.livelyladle.server.calendar;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.exchange.Attachment;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Calendars out, by file and by a secret address, and busy times in. */
@RestController
class CalendarController {
    private static final String CALENDAR = "text/calendar";
    private static final MediaType CALENDAR_UTF8 = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarService service;

    CalendarController(CalendarService service) {
        this.service = service;
    }

    /** The prep of a party, or one cook's share of it. */
    @GetMapping(value = "/api/parties/{id}/prep.ics", produces = CALENDAR)
    ResponseEntity<String> file(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String cook) {
        return Attachment.of("prep.ics", CALENDAR_UTF8, service.calendar(host, id, cook));
    }

    /** The same for whoever has the address; no session. */
    @GetMapping(value = "/calendar/{token}.ics", produces = CALENDAR)
    ResponseEntity<String> subscription(
            @PathVariable String token, @RequestParam(required = false) @Nullable String cook) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .contentType(CALENDAR_UTF8)
                .body(service.calendar(token, cook));
    }

    @GetMapping("/api/parties/{id}/calendar")
    CalendarAddress address(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.address(host, id);
    }

    /** Makes the address; asked again, makes another and the old one is no longer good. */
    @PostMapping("/api/parties/{id}/calendar")
    CalendarAddress renew(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.renew(host, id);
    }

    @DeleteMapping("/api/parties/{id}/calendar")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        service.withdraw(host, id);
    }

    /** Looks into a calendar file; what is good in it comes back, nothing is stored. */
    @PostMapping(value = "/api/parties/{id}/busy", consumes = CALENDAR)
    BusyPreview busy(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @RequestBody byte[] file) {
        return service.busy(host, id, file);
    }
}
