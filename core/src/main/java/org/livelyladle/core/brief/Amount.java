package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * How much there is to be of something, in words that keep their meaning when guests change.
 *
 * @param count how many of the unit; 1 for what is eaten up
 */
public record Amount(Unit unit, double count) {
    /** What is counted. */
    public enum Unit {
        /** Grams at the table, all guests together. */
        GRAMS("g"),
        /** Pieces, all guests together. */
        PIECES("pieces"),
        /** Pieces for each guest who may have it. */
        PIECES_EACH("pieces each"),
        /** Packs as the shop has them: nothing of them is left over. */
        PACKS("packs"),
        /** One of it as it is sold: a head, a radish, a bundle. */
        ONES("of it"),
        /** As the portions say, but no more grams than so. */
        UP_TO("g at most"),
        /** As the portions say, and the rest of the packs that are bought for it. */
        EAT_UP("packs eaten up");

        private final String label;

        Unit(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** It says how much is bought: nothing is bought on top of it. */
        public boolean isAsBought() {
            return this == PACKS || this == ONES || this == EAT_UP;
        }
    }

    private static final int MOST_GRAMS = 20_000;
    private static final int MOST_PIECES = 2000;
    private static final int MOST_PACKS = 100;

    public Amount {
        Check.present(unit, "unit");
        switch (unit) {
            case GRAMS, UP_TO -> Check.range(count, "count", 1, MOST_GRAMS);
            case PIECES, PIECES_EACH -> whole(Check.range(count, "count", 1, MOST_PIECES));
            case PACKS, ONES -> Check.range(count, "count", 0.25, MOST_PACKS);
            case EAT_UP -> Check.range(count, "count", 1, 1);
        }
    }

    private static void whole(double count) {
        if (count != Math.rint(count)) {
            throw new InvalidInputException("count", count, "a whole number of pieces");
        }
    }
}
