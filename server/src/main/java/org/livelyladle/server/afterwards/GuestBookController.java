package org.livelyladle.server.afterwards;

import org.livelyladle.core.afterwards.GuestBook;
import org.livelyladle.server.access.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The people of the household as evenings knew them. */
@RestController
@RequestMapping("/api/household/people")
class GuestBookController {
    private final GuestBookService service;

    GuestBookController(GuestBookService service) {
        this.service = service;
    }

    @GetMapping
    GuestBook book(@AuthenticationPrincipal SignedIn host) {
        return service.book(host);
    }

    /** Forgets somebody in the book and in all parties that are over. It cannot be taken back. */
    @DeleteMapping("/{id}")
    GuestBookService.Forgotten forget(@AuthenticationPrincipal SignedIn host, @PathVariable("id") String id) {
        return service.forget(host, id);
    }
}
