package org.livelyladle.core.prep;

import java.util.List;

/** Steps that follow one another and end a number of minutes before sitting down [min]. */
record Chain(PrepTask.Group group, List<Step> steps, double endsBefore, String endLabel) {
    record Step(
            String id,
            String what,
            String amount,
            String tool,
            double minutes,
            String working,
            boolean passive,
            String caution) {}
}
