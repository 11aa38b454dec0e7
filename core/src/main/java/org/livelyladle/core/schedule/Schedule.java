package org.livelyladle.core.schedule;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * When each task starts.
 *
 * @param makespanMinutes when the last one ends [min]
 * @param starts by task, in the order of their starts [min]
 */
public record Schedule(int makespanMinutes, Map<String, Integer> starts) {
    public Schedule {
        starts = Collections.unmodifiableMap(new LinkedHashMap<>(starts));
    }
}
