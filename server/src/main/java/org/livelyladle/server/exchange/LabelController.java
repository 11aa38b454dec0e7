package org.livelyladle.server.exchange;

import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.afterwards.JournalService;
import org.livelyladle.server.party.PartyService;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Labels to print for what is left. */
@RestController
class LabelController {
    private final PartyService parties;
    private final JournalService journals;

    LabelController(PartyService parties, JournalService journals) {
        this.parties = parties;
        this.journals = journals;
    }

    /** One for each thing that is kept, A4. */
    @GetMapping(value = "/api/parties/{id}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        var brief = parties.get(host, id).brief();
        return Attachment.of(
                "labels.pdf",
                MediaType.APPLICATION_PDF,
                LabelPdf.of(brief.title(), brief.sitDown().toLocalDate(), journals.keeping(host, id)));
    }
}
