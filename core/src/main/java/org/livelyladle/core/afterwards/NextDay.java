package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.List;
import org.livelyladle.core.catalogue.Allergen;

/**
 * A meal of what is left.
 *
 * @param people how many it feeds
 * @param until the last day for it, by what of it keeps the shortest
 * @param parts what goes in
 * @param allergens of all that goes in, and of all that was in its broth
 * @param notFor guests of the evening who keep away from something in it
 * @param how step by step
 */
public record NextDay(
        Kind kind,
        String name,
        int people,
        LocalDate until,
        List<Part> parts,
        List<Allergen> allergens,
        List<NotFor> notFor,
        List<String> how) {
    /** What is made. */
    public enum Kind {
        SOUP,
        FRIED_RICE
    }

    /** @param toGet it is not among what is left */
    public record Part(String name, String amount, boolean toGet) {}

    /** @param needs in words */
    public record NotFor(String guest, String needs) {}

    public NextDay {
        parts = List.copyOf(parts);
        allergens = List.copyOf(allergens);
        notFor = List.copyOf(notFor);
        how = List.copyOf(how);
    }
}
