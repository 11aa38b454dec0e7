package org.livelyladle.server.rehearsal;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.rehearsal.Rehearsal;

/**
 * How far a rehearsal is.
 *
 * @param played evenings, with the plan as it is and with each change of it
 * @param of how many in all; fewer where fewer changes turn out to be worth trying
 * @param failure why it came to nothing; null unless it did
 * @param result what is known so far; null before anything is
 */
record RehearsalView(
        UUID id,
        State state,
        int played,
        int of,
        @Nullable String failure,
        @Nullable Rehearsal result) {
    enum State {
        /** Two others are rehearsed just now. */
        WAITING,
        RUNNING,
        DONE,
        /** What is known by then stays. */
        STOPPED,
        FAILED
    }

    boolean isOver() {
        return state != State.WAITING && state != State.RUNNING;
    }
}
