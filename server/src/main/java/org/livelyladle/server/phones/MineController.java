package org.livelyladle.server.phones;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.edit.GuestAnswer;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.server.access.Paired;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.calendar.InvitationCalendar;
import org.livelyladle.server.exchange.Attachment;
import org.livelyladle.server.live.Screens;
import org.livelyladle.server.party.DeviceClocks;
import org.livelyladle.server.party.EventReceipt;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A phone's own view of its party, and what it may say. */
@RestController
class MineController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final MineService service;
    private final PairingService pairing;
    private final Screens screens;
    private final DeviceClocks clocks;
    private final InvitationCalendar invitation;
    private final Clock clock;

    MineController(
            MineService service,
            PairingService pairing,
            Screens screens,
            DeviceClocks clocks,
            InvitationCalendar invitation,
            Clock clock) {
        this.service = service;
        this.pairing = pairing;
        this.screens = screens;
        this.clocks = clocks;
        this.invitation = invitation;
        this.clock = clock;
    }

    @GetMapping("/api/mine")
    ResponseEntity<MineView> mine(@AuthenticationPrincipal Paired phone) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header("Ladle-Now", clock.instant().toString())
                .body(service.view(phone));
    }

    /** {@code changed} whenever there is something new to ask for, and once on connecting. */
    @GetMapping(path = "/api/mine/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@AuthenticationPrincipal Paired phone) {
        return screens.follow(phone.host(), phone.party(), null, () -> pairing.isStillIn(phone));
    }

    /** Takes a place nobody else's phone has. */
    @PostMapping("/api/mine/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void place(@AuthenticationPrincipal Paired phone, @RequestBody PlaceChoice place) {
        pairing.take(phone, Check.present(place.guest(), "guest"));
    }

    /** @param sent what the phone's own clock says now: by how far it is off its events are put right */
    @PostMapping("/api/mine/events")
    EventReceipt record(
            @AuthenticationPrincipal Paired phone,
            @RequestHeader(name = "Ladle-Sent", required = false) @Nullable String sent,
            @RequestBody List<PartyEvent> batch) {
        return service.record(phone, clocks.putRight(batch, sent));
    }

    /** What a guest says of themselves before the evening; the host may take it. */
    @PutMapping("/api/mine/answer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@AuthenticationPrincipal Paired phone, @RequestBody GuestAnswer answer) {
        service.answer(phone, answer);
    }

    @GetMapping(path = "/api/mine/invitation.ics", produces = "text/calendar")
    ResponseEntity<String> date(@AuthenticationPrincipal Paired phone) {
        return Attachment.of("invitation.ics", CALENDAR, invitation.of(phone.host(), phone.party()));
    }

    /** The date for the calendars of guests, to be sent by the host. */
    @GetMapping(path = "/api/parties/{id}/invitation.ics", produces = "text/calendar")
    ResponseEntity<String> date(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return Attachment.of("invitation.ics", CALENDAR, invitation.of(host, id));
    }

    /** This phone is out; its invitation is used. */
    @DeleteMapping("/api/mine")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@AuthenticationPrincipal Paired phone) {
        pairing.leave(phone);
    }
}
