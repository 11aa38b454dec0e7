package org.livelyladle.core.learning;

import java.time.LocalDate;
import java.util.List;
import org.livelyladle.core.check.Check;

/** How an evening turned out. */
public record Outcome(LocalDate on, List<Seen> seen) {
    private static final int MOST_SEEN = 1000;

    public Outcome {
        Check.present(on, "on");
        seen = Check.list(seen, "seen", MOST_SEEN);
    }
}
