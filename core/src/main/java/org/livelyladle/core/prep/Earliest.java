package org.livelyladle.core.prep;

import java.util.Arrays;

/**
 * How early each job could be done, hands and places left aside: once all it waits for could be, no sooner than what it
 * leaves keeps until it is needed, and not in the past.
 */
final class Earliest {
    private static final int UNKNOWN = Integer.MIN_VALUE;

    private final Scheduled plan;
    private final int now;
    /** By what each waits for alone [min from sitting down]. */
    private final int[] free;

    Earliest(Scheduled plan, int now) {
        this.plan = plan;
        this.now = now;
        this.free = new int[plan.slots().length];
        Arrays.fill(free, UNKNOWN);
    }

    /** [min from sitting down] */
    int start(int job) {
        int start = plan.slots()[job].start();
        return moves(job) ? Math.min(start, Math.max(free(job), fresh(job))) : start;
    }

    private boolean moves(int job) {
        return !plan.project().job(job).isFixed() && plan.progress().of(job) == null;
    }

    String why(int job) {
        int start = start(job);
        if (start == plan.slots()[job].start()) {
            return "where it stands";
        }
        if (start == fresh(job)) {
            return "it keeps so long";
        }
        return start == now ? "now" : "after what it waits for";
    }

    private int free(int job) {
        if (!moves(job)) {
            return plan.slots()[job].start();
        }
        if (free[job] == UNKNOWN) {
            free[job] = Math.max(now, -Crew.DAYS_BEFORE * 24 * 60);
            for (String id : plan.project().job(job).after()) {
                int other = plan.project().place(id);
                if (other >= 0 && !plan.progress().isDone(other)) {
                    free[job] = Math.max(
                            free[job], free(other) + plan.project().job(other).minutes());
                }
            }
        }
        return free[job];
    }

    private int fresh(int job) {
        Job it = plan.project().job(job);
        return plan.needed(job) - it.keepsMinutes() - it.minutes();
    }
}
