package org.livelyladle.core.brief;

import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;

/**
 * One compartment of a pot with its broth.
 *
 * @param unsalted the dips carry the salt: nothing of it goes into this broth; false when left out
 * @param topUp what it is topped up with; {@link TopUp#AUTO} when left out
 */
public record Side(
        String id,
        String broth,
        @Usual("AUTO") TopUp topUp,
        @Usual("false") boolean unsalted) {
    public Side {
        Check.ownId(id, "id");
        Check.id(broth, "broth");
        Check.present(topUp, "topUp");
    }

    public static Side of(String id, String broth) {
        return new Side(id, broth, TopUp.AUTO, false);
    }

    /** The same side with another broth. */
    public Side holding(String other) {
        return new Side(id, other, topUp, unsalted);
    }
}
