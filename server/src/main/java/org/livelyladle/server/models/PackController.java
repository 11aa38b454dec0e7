package org.livelyladle.server.models;

import org.livelyladle.core.packs.PackProblem;
import org.livelyladle.core.packs.PackSolution;
import org.livelyladle.core.packs.PackSolver;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The cheapest packs over HTTP. */
@RestController
class PackController {
    /** Exact; 422 names the need that no offer and no cover can meet. */
    @PostMapping("/api/packs")
    PackSolution packs(@RequestBody PackProblem problem) {
        return PackSolver.solve(problem);
    }
}
