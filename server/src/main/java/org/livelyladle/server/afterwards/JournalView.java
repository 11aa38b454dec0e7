package org.livelyladle.server.afterwards;

import java.util.List;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.Keeping;
import org.livelyladle.core.afterwards.NextDay;
import org.livelyladle.core.afterwards.Timing;

/**
 * A journal as it stands, and what follows for what is left.
 *
 * @param keeping what to do with what is left
 * @param nextDay what may be cooked of it
 * @param timings what may have taken longer or shorter than is usual, with what the evening's marks tell of it
 * @param revision 0 before anybody has said anything
 */
record JournalView(int revision, Journal journal, List<Keeping> keeping, List<NextDay> nextDay, List<Timing> timings) {
    JournalView {
        keeping = List.copyOf(keeping);
        nextDay = List.copyOf(nextDay);
        timings = List.copyOf(timings);
    }

    String etag() {
        return "\"" + revision + "\"";
    }
}
