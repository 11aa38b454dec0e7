package org.livelyladle.core.facts;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * Something that happened, under an id made by the device that saw it, so that sending it twice does no harm.
 *
 * @param ingredient what was bought, for BOUGHT
 * @param count packs or steps bought, for BOUGHT
 * @param grams weight bought [g], for BOUGHT
 * @param priceCents price paid [cents], for BOUGHT
 */
public record PartyEvent(
        UUID id,
        Instant at,
        EventType type,
        String subject,
        @Nullable String ingredient,
        @Nullable Integer count,
        @Nullable Double grams,
        @Nullable Integer priceCents) {

    public PartyEvent {
        Check.present(id, "id");
        Check.present(at, "at");
        Check.present(type, "type");
        Check.id(subject, "subject");
        if (type == EventType.BOUGHT) {
            Check.id(ingredient, "ingredient");
            Check.range(Check.present(count, "count"), "count", 1, 1000);
            Check.range(Check.present(grams, "grams"), "grams", 1, 50_000);
            Check.range(Check.present(priceCents, "priceCents"), "priceCents", 0, 1_000_000);
        } else if (ingredient != null || count != null || grams != null || priceCents != null) {
            throw new InvalidInputException("count", type, "ingredient, count, grams and priceCents for BOUGHT only");
        }
    }

    /** As it must have been: a device whose clock is ahead cannot have seen it after it was heard of. */
    public PartyEvent noLaterThan(Instant heard) {
        return at.isAfter(heard)
                ? new PartyEvent(id, heard, type, subject, ingredient, count, grams, priceCents)
                : this;
    }

    public static PartyEvent of(UUID id, Instant at, EventType type, String subject) {
        return new PartyEvent(id, at, type, subject, null, null, null, null);
    }
}
