package org.livelyladle.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shopping list as a file. */
@RestController
@RequestMapping("/api/parties/{id}")
class ShoppingListController {
    private final PartyService parties;
    private final PlanService plans;

    ShoppingListController(PartyService parties, PlanService plans) {
        this.parties = parties;
        this.plans = plans;
    }

    @GetMapping(value = "/shopping.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        Brief brief = parties.get(host, id).brief();
        return file(
                "shopping.csv",
                "text/csv",
                ShoppingCsv.write(plans.plan(host, id).purchases(), brief.currency()));
    }

    @GetMapping(value = "/shopping.md", produces = "text/markdown;charset=UTF-8")
    ResponseEntity<String> markdown(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        Brief brief = parties.get(host, id).brief();
        return file(
                "shopping.md",
                "text/markdown",
                ShoppingMarkdown.write(brief.title(), plans.plan(host, id).purchases()));
    }

    /** To print, by shop and aisle. */
    @GetMapping(value = "/shopping.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        String title = parties.get(host, id).brief().title();
        return Attachment.of("shopping.pdf", MediaType.APPLICATION_PDF, ShoppingPdf.write(title, plans.plan(host, id)));
    }

    private static ResponseEntity<String> file(String name, String type, String text) {
        return Attachment.of(name, new MediaType(MediaType.parseMediaType(type), StandardCharsets.UTF_8), text);
    }
}
