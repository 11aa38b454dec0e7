package org.livelyladle.server.models;

import org.livelyladle.core.broths.EveningBalance;
import org.livelyladle.core.broths.EveningProblem;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The balance of a side over HTTP. */
@RestController
class BrothController {
    /** Level and salt minute by minute, and when it runs dry. */
    @PostMapping("/api/broths/evening")
    EveningBalance evening(@RequestBody EveningProblem problem) {
        return EveningBalance.of(problem);
    }
}
