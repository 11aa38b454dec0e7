package org.livelyladle.core.prep;

import java.time.LocalDateTime;
import java.util.List;
import org.livelyladle.core.measure.Figure;

/**
 * Something to do before sitting down.
 *
 * @param what the task in a few words
 * @param amount how much; empty where no amount applies
 * @param minutes how long it takes [min]
 * @param before latest start, counted back from sitting down [min]
 * @param startsAt the same as local time
 * @param passive nobody has to stand by
 * @param after ids of the tasks it waits for
 * @param pinned its time was set by the host
 */
public record PrepTask(
        String id,
        Group group,
        String what,
        String amount,
        String tool,
        Figure minutes,
        Figure before,
        LocalDateTime startsAt,
        boolean passive,
        String caution,
        List<String> after,
        boolean done,
        boolean pinned) {

    /** What a task belongs to. */
    public enum Group {
        BROTH,
        CUT,
        SAUCE,
        TABLE
    }

    public PrepTask {
        after = List.copyOf(after);
    }
}
