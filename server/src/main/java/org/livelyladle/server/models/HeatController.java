package org.livelyladle.server.models;

import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.cooking.BenchProblem;
import org.livelyladle.core.cooking.BenchWindow;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.heat.BoilingPoint;
import org.livelyladle.core.heat.CoreProblem;
import org.livelyladle.core.heat.CoreTime;
import org.livelyladle.core.heat.SideHeat;
import org.livelyladle.core.heat.SideProblem;
import org.livelyladle.server.web.Effort;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Heat by itself over HTTP. */
@RestController
@RequestMapping("/api/heat")
class HeatController {
    /** Where broth boils. */
    record BoilingPlace(Double altitudeM, Double saltPercent) {
        BoilingPlace {
            Check.present(altitudeM, "altitudeM");
            Check.present(saltPercent, "saltPercent");
        }
    }

    /** A temperature [°C]. */
    record Temperature(double celsius) {}

    private final Catalogue catalogue;
    /** Remembers windows from one move of a slider to the next. */
    private final WindowModel model = new WindowModel();

    private final Effort effort;

    HeatController(Catalogue catalogue, Effort effort) {
        this.catalogue = catalogue;
        this.effort = effort;
    }

    /** When the centre of a piece reaches a temperature; 422 when it never does. */
    @PostMapping("/core-time")
    CoreTime coreTime(@RequestBody CoreProblem problem) {
        return effort.spend(null, () -> CoreTime.of(problem));
    }

    /** The window of a cut in broth of one temperature, with its course over time; 422 when a core is never reached. */
    @PostMapping("/window")
    BenchWindow window(@RequestBody BenchProblem problem) {
        return effort.spend(null, () -> BenchWindow.of(problem, catalogue, model));
    }

    /** Boiling point of salted broth at an altitude. */
    @PostMapping("/boiling-point")
    Temperature boilingPoint(@RequestBody BoilingPlace place) {
        return new Temperature(BoilingPoint.celsius(place.altitudeM(), place.saltPercent()));
    }

    /** Temperature of a side second by second; 422 when it boils dry. */
    @PostMapping("/side")
    SideHeat side(@RequestBody SideProblem problem) {
        return SideHeat.of(problem);
    }
}
