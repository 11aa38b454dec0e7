package org.livelyladle.core.catalogue;

import org.livelyladle.core.measure.Mark;

/** An ingredient that can stand on the sauce bar, and what it does in a bowl. */
public record BarPart(String ingredient, Role role, Mark mark) {
    /** The parts of a dip, with their usual share of the bowl by volume; from memory. */
    public enum Role {
        BASE("base", 0.45),
        RICH("rich", 0.25),
        SOUR("sour", 0.1),
        SWEET("sweet", 0.03),
        HOT("hot", 0.05),
        FRESH("fresh", 0.12),
        /** What hosts put out besides. */
        ALSO("besides", 0.05);

        private final String label;
        private final double share;

        Role(String label, double share) {
            this.label = label;
            this.share = share;
        }

        public String label() {
            return label;
        }

        /** Whether a bowl can be made of it; all else only seasons one. */
        public boolean fillsABowl() {
            return this == BASE || this == RICH;
        }

        /** Part of a bowl by volume [1]; over all roles but the last they make one. */
        public double share() {
            return share;
        }
    }
}
