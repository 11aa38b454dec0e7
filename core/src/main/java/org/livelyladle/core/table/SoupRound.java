package org.livelyladle.core.table;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Soup ladled from a side while nothing raw is in it, once it has boiled for a minute since the last of it.
 *
 * @param at from when on [s from sitting down]
 * @param until before something raw goes in again, or the meal ends [s from sitting down]
 * @param minder who ladles it; null where everybody does
 * @param eaters to whom the side is open, and who are there
 * @param mlEach for everybody [ml]; memory
 */
public record SoupRound(
        int at, int until, String side, @Nullable String minder, List<String> eaters, int mlEach) {
    public SoupRound {
        eaters = List.copyOf(eaters);
    }
}
