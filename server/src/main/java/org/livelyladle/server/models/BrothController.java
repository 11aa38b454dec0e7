package org.livelyladle.server.models;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.broths.BrothChoice;
import org.livelyladle.core.broths.EveningBalance;
import org.livelyladle.core.broths.EveningProblem;
import org.livelyladle.core.catalogue.Catalogue;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The balance of a side over HTTP. */
@RestController
class BrothController {
    private final Catalogue catalogue;

    BrothController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The broths a side of a brief could hold, and whom each would shut out. */
    @PostMapping("/api/broths/choices")
    List<BrothChoice> choices(@RequestBody Brief brief) {
        return BrothChoice.of(brief, catalogue);
    }

    /** Level and salt minute by minute, and when it runs dry. */
    @PostMapping("/api/broths/evening")
    EveningBalance evening(@RequestBody EveningProblem problem) {
        return EveningBalance.of(problem);
    }
}
