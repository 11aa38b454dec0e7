package org.livelyladle.server.afterwards;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.livelyladle.core.afterwards.LookedBack;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.exchange.Attachment;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The last evenings side by side, over HTTP. */
@RestController
class LookBackController {
    private final LookBack lookBack;

    LookBackController(LookBack lookBack) {
        this.lookBack = lookBack;
    }

    @GetMapping("/api/household/evenings")
    List<LookedBack> evenings(@AuthenticationPrincipal SignedIn host) {
        return lookBack.evenings(host);
    }

    @GetMapping(value = "/api/household/evenings.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn host) {
        return Attachment.of("evenings.csv", new MediaType("text", "csv", StandardCharsets.UTF_8), lookBack.csv(host));
    }
}
