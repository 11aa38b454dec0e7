package org.livelyladle.server.market;

import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the market says, over HTTP. */
@RestController
@RequestMapping("/api/parties/{id}/market")
class MarketController {
    private final MarketService service;

    MarketController(MarketService service) {
        this.service = service;
    }

    /** New prices as an edit with its effect; nothing changes until the host takes it. */
    @GetMapping
    MarketNews news(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.news(host, id);
    }
}
