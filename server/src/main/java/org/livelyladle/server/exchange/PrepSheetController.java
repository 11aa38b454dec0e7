package org.livelyladle.server.exchange;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Prep sheets to print. */
@RestController
class PrepSheetController {
    private final PartyService parties;
    private final PlanService plans;

    PrepSheetController(PartyService parties, PlanService plans) {
        this.parties = parties;
        this.plans = plans;
    }

    /** One cook's sheet, or one for each. */
    @GetMapping(value = "/api/parties/{id}/prep.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String cook) {
        return Attachment.of(
                "prep.pdf",
                MediaType.APPLICATION_PDF,
                PrepPdf.write(
                        parties.get(host, id).brief(), plans.plan(host, id).prep(), cook));
    }
}
