package org.livelyladle.server.plan;

import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.household.StartingPoint;

/**
 * What a new party may begin as, and what that comes to.
 *
 * @param start one of the starting points; null for a past party
 * @param from a past party; null for a starting point
 * @param comesTo null where working it out takes too long
 */
record StartOffer(
        @Nullable StartingPoint start,
        @Nullable UUID from,
        String label,
        String remark,
        int guests,
        int cuts,
        @Nullable ComesTo comesTo) {
    /**
     * @param handsMinutes time somebody is at it before sitting down [min]
     * @param hands the same in words
     * @param bill of all shops, in words
     * @param begins when the first task is started; null when there is none
     * @param first what goes into a pot first, after sitting down; null when nothing does
     */
    record ComesTo(
            double handsMinutes,
            String hands,
            String bill,
            @Nullable LocalDateTime begins,
            @Nullable String first) {}
}
