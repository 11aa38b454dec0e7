package org.livelyladle.core.evening;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Figure;

/**
 * What becomes of the rest of a side, or of rice.
 *
 * @param subject id of the side, or "rice"
 * @param amount what is left; null where nobody can say
 * @param ways of cooling it, the easiest first
 * @param keeping how long it keeps and how it is heated again
 */
public record LeftOver(
        String subject, String name, @Nullable String amount, List<Way> ways, String keeping) {
    public LeftOver {
        ways = List.copyOf(ways);
    }

    /**
     * A way of cooling.
     *
     * @param to21 from 57 to 21 °C, 2 h at most; null when it never gets there [min]
     * @param to5 from 57 to 5 °C, 6 h at most; null when it never gets there [min]
     * @param fastEnough whether both limits of FDA Food Code 2022, 3-501.14, are kept
     */
    public record Way(
            String name, @Nullable Figure to21, @Nullable Figure to5, boolean fastEnough) {}
}
