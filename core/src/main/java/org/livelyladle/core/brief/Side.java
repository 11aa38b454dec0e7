package org.livelyladle.core.brief;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * One compartment of a pot with its broth.
 *
 * @param unsalted the dips carry the salt: nothing of it goes into this broth; false when left out
 * @param topUp what it is topped up with; {@link TopUp#AUTO} when left out
 */
public record Side(
        String id,
        String broth,
        @Nullable TopUp topUp,
        @Nullable Boolean unsalted) {
    public Side {
        Check.ownId(id, "id");
        Check.id(broth, "broth");
        topUp = topUp == TopUp.AUTO ? null : topUp;
    }

    public static Side of(String id, String broth) {
        return new Side(id, broth, null, null);
    }

    /** The same side with another broth. */
    public Side holding(String other) {
        return new Side(id, other, topUp, unsalted);
    }

    public boolean isUnsalted() {
        return Boolean.TRUE.equals(unsalted);
    }

    public TopUp policy() {
        return Objects.requireNonNullElse(topUp, TopUp.AUTO);
    }
}
