package org.livelyladle.core.sequence;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Violation;

/** A hard rule that a batch keeps or breaks where it goes in at a time. */
@FunctionalInterface
interface Constraint {
    /**
     * How it would be broken, or null where it is kept.
     *
     * @param putIn into the broth [s from sitting down]
     * @param linger longer in the broth than it must be [s]
     */
    @Nullable
    Breach breach(Placing placing, int putIn, int linger);

    /**
     * A rule that would be broken.
     *
     * @param rule H2 to H7
     * @param subject a cut, a guest, a side or a pot
     * @param had what there would be, in the unit of the limit
     * @param limit what there may be, or has to be
     * @param text what is in the way, to come after "but"
     */
    record Breach(String rule, String subject, double had, double limit, String text) {
        Violation at(int second) {
            return new Violation(rule, subject, second, had, limit, text);
        }
    }

    /** How the first of some that is broken would be, or null where all are kept. */
    static @Nullable Breach first(Iterable<Constraint> all, Placing placing, int putIn, int linger) {
        for (Constraint constraint : all) {
            Breach breach = constraint.breach(placing, putIn, linger);
            if (breach != null) {
                return breach;
            }
        }
        return null;
    }
}
