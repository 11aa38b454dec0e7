package org.livelyladle.core.catalogue;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Mark;

/**
 * Something that can stand beside the pots.
 *
 * @param adultsOnly never counted for children
 * @param served what is done with it before
 * @param glassMl of what is drunk, a glass [ml]; null for all else
 * @param weight its part of its kind beside others of weight 1; strong or rich things less; memory
 */
public record Extra(
        String ingredient,
        Kind kind,
        boolean adultsOnly,
        double weight,
        Served served,
        @Nullable Integer glassMl,
        Mark mark) {
    /** What brings it to the table. */
    public enum Served {
        /** Into the fridge in time. */
        CHILL,
        /** Washed, and cut where it is large. */
        CUT,
        /** Cut, and in water with lime until it is served, so that it does not brown. */
        KEEP_FROM_AIR,
        /** From the freezer into boiling water for some minutes. */
        BOIL,
        /** Out of its packet or jar. */
        SET_OUT
    }

    /** What it is for, with what a regular eater gets of the kind; the amounts are from memory. */
    public enum Kind {
        STARTER("starters", 70, false),
        PICKLE("pickles", 35, false),
        HERB("herbs", 12, false),
        WRAP("wraps", 35, false),
        DRINK("drinks", 700, true);

        private final String label;
        private final double perAdult;
        private final boolean poured;

        Kind(String label, double perAdult, boolean poured) {
            this.label = label;
            this.perAdult = perAdult;
            this.poured = poured;
        }

        public String label() {
            return label;
        }

        /** For one regular eater, all extras of the kind together [g, or ml when poured]. */
        public double perAdult() {
            return perAdult;
        }

        /** Counted in millilitres. */
        public boolean isPoured() {
            return poured;
        }
    }
}
