package org.livelyladle.server.models;

import java.util.List;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.learning.Learning;
import org.livelyladle.core.learning.Outcome;
import org.livelyladle.core.learning.Rates;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What evenings teach, over HTTP. */
@RestController
class LearningController {
    private static final int MOST_OUTCOMES = 1000;

    /** @param before what is known; nothing when left out */
    record Evenings(@Usual("{}") Rates before, List<Outcome> outcomes) {}

    /** The rates after some evenings, and what is otherwise; stateless. */
    @PostMapping("/api/learning")
    Learning learn(@RequestBody Evenings evenings) {
        return Learning.of(
                evenings.before(),
                Check.list(Check.present(evenings.outcomes(), "outcomes"), "outcomes", MOST_OUTCOMES));
    }
}
