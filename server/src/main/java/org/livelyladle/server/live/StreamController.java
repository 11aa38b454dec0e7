package org.livelyladle.server.live;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.access.SignedIn;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A party as it happens, as server-sent events. */
@RestController
@RequestMapping("/api/parties")
class StreamController {
    private final Screens screens;

    StreamController(Screens screens) {
        this.screens = screens;
    }

    /** {@code fact} for each event recorded, {@code brief} for the newest revision; both at once on connecting. */
    @GetMapping(path = "/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(
            @AuthenticationPrincipal SignedIn host,
            @PathVariable UUID id,
            @RequestHeader(name = "Last-Event-ID", required = false) @Nullable String last) {
        return screens.follow(host, id, last == null ? null : sequence(last), null);
    }

    private static long sequence(String last) {
        try {
            return Math.max(0, Long.parseLong(last));
        } catch (NumberFormatException e) {
            throw new InvalidInputException("Last-Event-ID", last, "the id of an event of this stream, or 0");
        }
    }
}
