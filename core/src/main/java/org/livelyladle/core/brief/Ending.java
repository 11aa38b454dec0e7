package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * What the meal ends with.
 *
 * @param side in which side; the one that serves most when left out
 */
public record Ending(Kind kind, @Nullable String side) {
    public Ending {
        Check.present(kind, "kind");
        if (side != null) {
            Check.id(side, "side");
        }
    }

    /** What is made of the broth. */
    public enum Kind {
        /** The broth itself, ladled when nothing raw is in it. */
        SOUP,
        /** An egg each, poached in the broth. */
        EGG,
        /** Cooked rice fried in what is left of the broth, with egg where everybody may have it. */
        FRIED_RICE,
        /** Cooked rice simmered in the broth. */
        PORRIDGE
    }
}
