package org.livelyladle.server.exchange;

import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.plan.Seats;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Cards to print for the table. */
@RestController
class TableCardController {
    private final PartyService parties;
    private final PlanService plans;
    private final Seats seats;

    TableCardController(PartyService parties, PlanService plans, Seats seats) {
        this.seats = seats;
        this.parties = parties;
        this.plans = plans;
    }

    /** What each minder does, A4. */
    @GetMapping(value = "/api/parties/{id}/table-card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> minders(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return Attachment.of(
                "table-card.pdf",
                MediaType.APPLICATION_PDF,
                TablePdf.minders(parties.get(host, id).brief(), plans.plan(host, id)));
    }

    /** What each guest eats and from where, a card of A6 each. */
    @GetMapping(value = "/api/parties/{id}/guest-cards.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> guests(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        PlanService.Standing party = plans.standing(host, id);
        return Attachment.of(
                "guest-cards.pdf",
                MediaType.APPLICATION_PDF,
                TablePdf.guests(party.brief(), party.plan(), seats.all(party)));
    }
}
