package org.livelyladle.server.afterwards;

import java.util.List;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.afterwards.Keeping;

/**
 * A journal as it stands, and what follows for what is left.
 *
 * @param revision 0 before anybody has said anything
 */
record JournalView(int revision, Journal journal, List<Keeping> keeping) {
    JournalView {
        keeping = List.copyOf(keeping);
    }

    String etag() {
        return "\"" + revision + "\"";
    }
}
