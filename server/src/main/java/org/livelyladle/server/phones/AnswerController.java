package org.livelyladle.server.phones;

import java.util.List;
import java.util.UUID;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.plan.Effects;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What guests said before the evening, for the host to take or leave. */
@RestController
@RequestMapping("/api/parties/{id}/answers")
class AnswerController {
    private final AnswerService service;
    private final Effects effects;

    AnswerController(AnswerService service, Effects effects) {
        this.service = service;
        this.effects = effects;
    }

    /** Each difference to the brief as one edit with its effect; what was taken is not offered any more. */
    @GetMapping
    List<AnswerOffer> open(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.open(host, id).stream()
                .map(open -> new AnswerOffer(
                        open.guest(),
                        open.offer().label(),
                        effects.of(open.before(), open.offer().edit().apply(open.before())),
                        open.offer().edit()))
                .toList();
    }

    /** What this guest said is not offered any more. */
    @DeleteMapping("/{guest}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id, @PathVariable String guest) {
        service.settle(host, id, guest);
    }
}
