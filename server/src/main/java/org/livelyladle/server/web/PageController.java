package org.livelyladle.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of the page's own router is answered with the page. */
@Controller
class PageController {
    @GetMapping({"/", "/household", "/pair", "/party/{id}", "/party/{id}/{step}"})
    String page() {
        return "forward:/index.html";
    }

    /** The small page for phones: it fetches nothing of the host's. */
    @GetMapping({"/join", "/mine"})
    String phone() {
        return "forward:/phone.html";
    }
}
