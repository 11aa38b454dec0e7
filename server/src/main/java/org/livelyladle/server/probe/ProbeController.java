package org.livelyladle.server.probe;

import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The thermometers of a party, over HTTP. */
@RestController
@RequestMapping("/api/parties/{id}/probe")
class ProbeController {
    private final ProbeService service;

    ProbeController(ProbeService service) {
        this.service = service;
    }

    /** Asks the thermometer of a side; what it shows is recorded as a READ event. */
    @PostMapping
    ProbeService.Shown read(
            @AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @RequestParam("side") String side) {
        return service.read(host, id, side);
    }
}
