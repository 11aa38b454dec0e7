package org.livelyladle.server.models;

import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;
import org.livelyladle.server.web.Effort;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The cheapest packs over HTTP. */
@RestController
class PackController {
    private final Effort effort;

    PackController(Effort effort) {
        this.effort = effort;
    }

    /** Exact; 422 names the need that no offer and no cover can meet. */
    @PostMapping("/api/packs")
    PackSolution packs(@RequestBody PackProblem problem) {
        return effort.spend(null, () -> PackSolver.solve(problem));
    }
}
