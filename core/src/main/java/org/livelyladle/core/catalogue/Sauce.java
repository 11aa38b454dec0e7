package org.livelyladle.core.catalogue;

import java.util.List;
import org.livelyladle.core.measure.Mark;

/**
 * A house sauce by its parts per 100 ml.
 *
 * @param rawEgg true when it holds egg that is not cooked through
 * @param portion how much of it a guest takes, against a dip of soy [1]
 * @param brothMlPer100 broth in 100 ml of sauce, ladled before any food goes in [ml]
 * @param minutes time to stir it, any amount [min]
 */
public record Sauce(
        String id,
        String name,
        String remark,
        boolean rawEgg,
        double portion,
        double brothMlPer100,
        List<Part> parts,
        double minutes,
        Mark mark) {

    public Sauce {
        parts = List.copyOf(parts);
    }

    /** An ingredient with its volume in 100 ml of sauce [ml]. */
    public record Part(String ingredient, double mlPer100) {}
}
