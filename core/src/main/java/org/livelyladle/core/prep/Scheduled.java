package org.livelyladle.core.prep;

import org.livelyladle.core.brief.Brief;

/**
 * All jobs of a party where they stand at a moment.
 *
 * @param slots where they stand
 */
record Scheduled(Draft draft, Slot[] slots, Progress progress) {
    Brief brief() {
        return draft.brief();
    }

    PrepClock clock() {
        return draft.clock();
    }

    Crew crew() {
        return draft.crew();
    }

    Project project() {
        return draft.project();
    }

    /** When all but appointments is done [min from sitting down]. */
    int end() {
        int end = -brief().bufferMinutes();
        for (int i = 0; i < slots.length; i++) {
            if (!project().job(i).isFixed() && !progress.isDone(i)) {
                end = Math.max(end, slots[i].end());
            }
        }
        return end;
    }

    /** When what a job leaves is first needed: by what waits for it, or when everybody sits down [min from sitting down]. */
    int needed(int job) {
        int needed = Math.max(0, end());
        for (int follower : project().after[job]) {
            boolean waits =
                    project().job(follower).after().contains(project().job(job).id());
            if (waits && !progress.isDone(follower)) {
                needed = Math.min(needed, slots[follower].start());
            }
        }
        return needed;
    }
}
