package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;

/**
 * How one guest wants one cut.
 *
 * @param doneness how far cooked; null for as it comes
 * @param reserved this guest's share is kept apart and never shared out to others; no when left out
 */
public record Wish(
        String cut,
        Liking liking,
        @Nullable Doneness doneness,
        @Usual("false") boolean reserved) {
    public Wish {
        Check.id(cut, "cut");
        Check.present(liking, "liking");
    }

    /** A mere liking. */
    public static Wish of(String cut, Liking liking) {
        return new Wish(cut, liking, null, false);
    }
}
