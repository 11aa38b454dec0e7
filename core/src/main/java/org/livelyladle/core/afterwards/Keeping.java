package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Allergen;

/**
 * What to do with something that is left.
 *
 * @param subject the cut, or the side
 * @param amount how much
 * @param until the last day in the fridge; null where it is thrown away
 * @param frozenUntil frozen the same evening it is good until then; null where it does not freeze well, or must not be
 * @param isCooked it was cooked at the table, or is a broth
 * @param allergens of the food; of a broth with those of all that was cooked in it
 * @param why in words, with what it rests on
 */
public record Keeping(
        String subject,
        String name,
        String amount,
        Way way,
        @Nullable LocalDate until,
        @Nullable LocalDate frozenUntil,
        boolean isCooked,
        List<Allergen> allergens,
        String why) {
    public Keeping {
        allergens = List.copyOf(allergens);
    }

    /** What may be done, the safest way for what it is. */
    public enum Way {
        KEEP("keep in the fridge"),
        EAT_COOKED("cook it through, then keep"),
        BOIL("boil up, sieve, cool fast"),
        THROW_AWAY("throw away");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
