package org.livelyladle.core.broths;

import java.util.List;
import org.livelyladle.core.measure.Figure;

/**
 * A broth to make, for all its sides together.
 *
 * @param make fill and reserve of all its sides [ml]
 */
public record BrothNeed(String broth, String name, Figure make, List<PartNeed> parts) {
    /** An ingredient of the broth [g]. */
    public record PartNeed(String ingredient, String name, Figure grams) {}
}
