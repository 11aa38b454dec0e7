package org.livelyladle.server.scale;

import org.jspecify.annotations.Nullable;
import org.livelyladle.server.web.HttpAsk;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen scale, over HTTP. */
@RestController
@RequestMapping("/api/scale")
class ScaleController {
    private static final double MOST_GRAMS = 30_000;

    private final Scale scale;

    ScaleController(Scale scale) {
        this.scale = scale;
    }

    /**
     * What stands on it.
     *
     * @param grams null where it cannot be told [g]
     * @param message why it cannot; null where it can
     */
    record Weight(@Nullable Double grams, @Nullable String message) {}

    @GetMapping
    Weight weigh() {
        try {
            double grams = scale.grams();
            return Math.abs(grams) <= MOST_GRAMS
                    ? new Weight(grams, null)
                    : new Weight(null, "The scale shows what no kitchen scale can: it is ignored.");
        } catch (HttpAsk.AwayException e) {
            return new Weight(null, "The scale " + e.getMessage() + ".");
        }
    }
}
