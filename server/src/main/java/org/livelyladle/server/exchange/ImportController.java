package org.livelyladle.server.exchange;

import java.util.UUID;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Looks into files of guests, pantry and prices; what is good in them comes back as parts of a brief. */
@RestController
@RequestMapping(
        value = "/api/parties/{id}/import",
        consumes = {"text/csv", "text/vcard", MediaType.TEXT_PLAIN_VALUE})
class ImportController {
    /** What a file can hold. */
    enum Kind {
        GUESTS,
        PANTRY,
        PRICES
    }

    private final PartyService parties;
    private final Catalogue catalogue;

    ImportController(PartyService parties, Catalogue catalogue) {
        this.parties = parties;
        this.catalogue = catalogue;
    }

    /** A preview against the saved party; guests also from vCard, told by its first line. */
    @PostMapping("/{kind}")
    ImportPreview preview(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @PathVariable Kind kind,
            @RequestBody byte[] file) {
        String text = Utf8.decode(file);
        Importer importer = new Importer(parties.get(host, id).brief(), catalogue);
        return switch (kind) {
            case PANTRY -> importer.pantryFromCsv(text);
            case PRICES -> importer.pricesFromCsv(text);
            case GUESTS ->
                text.stripLeading().regionMatches(true, 0, "BEGIN:VCARD", 0, 11)
                        ? importer.guestsFromVCards(text)
                        : importer.guestsFromCsv(text);
        };
    }
}
