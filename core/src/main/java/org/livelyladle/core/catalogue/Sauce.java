package org.livelyladle.core.catalogue;

import java.util.List;
import org.livelyladle.core.measure.Mark;

/**
 * A house sauce by its parts per 100 ml.
 *
 * @param rawEgg true when it holds egg that is not cooked through
 * @param use how a guest takes it
 * @param brothMlPer100 broth in 100 ml of sauce, ladled before any food goes in [ml]
 * @param minutes time to stir it, any amount [min]
 */
public record Sauce(
        String id,
        String name,
        String remark,
        boolean rawEgg,
        Use use,
        double brothMlPer100,
        List<Part> parts,
        double minutes,
        Mark mark) {

    /** How a guest takes it, and how much that is against a bowl of dip; the shares are from memory. */
    public enum Use {
        DIP("a bowl each", 1),
        DRIZZLE("a drizzle each", 0.5),
        SQUEEZE("a squeeze each", 0.25),
        PINCH("a pinch each", 0.05),
        DROP("a few drops each", 0.03);

        private final String label;
        private final double portion;

        Use(String label, double portion) {
            this.label = label;
            this.portion = portion;
        }

        /** "a squeeze each". */
        public String label() {
            return label;
        }

        public double portion() {
            return portion;
        }
    }

    public Sauce {
        parts = List.copyOf(parts);
    }

    /** An ingredient with its volume in 100 ml of sauce [ml]. */
    public record Part(String ingredient, double mlPer100) {}
}
