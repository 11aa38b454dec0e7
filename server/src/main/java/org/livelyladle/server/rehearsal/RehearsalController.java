package org.livelyladle.server.rehearsal;

import java.net.URI;
import java.util.UUID;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.server.access.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Rehearsals over HTTP: begun, watched, read, stopped. */
@RestController
@RequestMapping("/api/rehearsals")
class RehearsalController {
    /**
     * What is to be rehearsed.
     *
     * @param evenings how many
     * @param seed of their chances: the same gives the same numbers
     */
    record Wanted(
            Brief brief,

            @Within(min = 1, max = Rehearser.MOST_EVENINGS) @Usual("1000")
            int evenings,

            @Usual("1") long seed,
            @Usual("{}") MistakeRates rates) {}

    private final RehearsalService service;
    private final RehearsalProgress progress;

    RehearsalController(RehearsalService service, RehearsalProgress progress) {
        this.service = service;
        this.progress = progress;
    }

    /** Begins one; where it is found is said in {@code Location}. */
    @PostMapping
    ResponseEntity<RehearsalView> begin(@AuthenticationPrincipal SignedIn host, @RequestBody Wanted wanted) {
        RehearsalView begun = service.begin(
                host, Check.present(wanted.brief(), "brief"), wanted.evenings(), wanted.seed(), wanted.rates());
        return ResponseEntity.status(HttpStatus.ACCEPTED)
                .location(URI.create("/api/rehearsals/" + begun.id()))
                .body(begun);
    }

    /** How far it is, with what is known so far. */
    @GetMapping("/{id}")
    RehearsalView read(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return service.find(host, id).view();
    }

    /** The same again and again, as {@code progress}, until it is over. */
    @GetMapping(path = "/{id}/progress", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter watch(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        return progress.of(service.find(host, id));
    }

    /** Stops it; what is known by then can still be read. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@AuthenticationPrincipal SignedIn host, @PathVariable UUID id) {
        service.find(host, id).stop();
    }
}
