package org.livelyladle.server.phones;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.server.access.Devices;
import org.livelyladle.server.access.Role;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Lets a device in. */
@RestController
class PairController {
    private static final int LONGEST_SECRET = 100;

    /** Either of them: what an invitation's address ends with, or the six figures on the host's screen. */
    record Pairing(@Nullable String secret, @Nullable String code) {}

    /** As what a device was let in. */
    record LetIn(Role role) {}

    private final PairingService service;

    PairController(PairingService service) {
        this.service = service;
    }

    /** Gives the device its cookie. */
    @PostMapping("/api/pair")
    ResponseEntity<LetIn> pair(
            HttpServletRequest request,
            @RequestHeader(name = HttpHeaders.USER_AGENT, required = false) @Nullable String agent,
            @CookieValue(name = Devices.COOKIE, required = false) @Nullable String known,
            @RequestBody Pairing pairing) {
        PairingService.Ticket ticket = ticket(pairing, request.getRemoteAddr(), kind(agent), known);
        ResponseCookie cookie = ResponseCookie.from(Devices.COOKIE, ticket.token())
                .httpOnly(true)
                .sameSite("Strict")
                .secure(request.isSecure())
                .path("/")
                .maxAge(ticket.goodFor())
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie.toString())
                .body(new LetIn(ticket.role()));
    }

    private PairingService.Ticket ticket(Pairing pairing, String address, String kind, @Nullable String known) {
        String secret = pairing.secret();
        String code = pairing.code();
        if (secret != null && secret.length() <= LONGEST_SECRET && code == null) {
            return service.pairBySecret(secret, address, kind, known);
        }
        if (code != null && code.length() <= LONGEST_SECRET && secret == null) {
            return service.pairByCode(code, address, kind);
        }
        throw new InvalidInputException(
                "secret", "missing", "the secret of an invitation, or the code the host's screen shows");
    }

    /** By what a browser says of itself, without any maker's name. */
    private static String kind(@Nullable String agent) {
        String said = agent == null ? "" : agent;
        if (said.contains("Tablet") || said.contains("iPad")) {
            return "tablet";
        }
        return said.contains("Mobi") ? "phone" : "computer";
    }
}
