package org.livelyladle.core.broths;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.measure.Figure;

/**
 * A broth to make, for all its sides and for those made from it together.
 *
 * @param make fill, reserve and what goes into others [ml]
 * @param water to start with [ml]
 * @param base the broth it is made from, with how much of it; null when it stands by itself
 * @param boil all of it on a kitchen ring from cold; null when the ring does not get there [min]
 * @param allergens of all that is in it, the base included
 * @param alcohol some of it stays however long it boils
 * @param medicinalHerbs ask a doctor or pharmacist who may have them
 */
public record BrothNeed(
        String broth,
        String name,
        Broth.Source source,
        Figure make,
        Figure water,
        @Nullable BaseNeed base,
        @Nullable Figure boil,
        double saltPercent,
        List<PartNeed> parts,
        List<StepNeed> steps,
        Set<Allergen> allergens,
        boolean alcohol,
        boolean medicinalHerbs) {

    public BrothNeed {
        parts = List.copyOf(parts);
        steps = List.copyOf(steps);
    }

    /** So much of another broth [ml]. */
    public record BaseNeed(String broth, String name, Figure ml) {}

    /**
     * An ingredient of the broth.
     *
     * @param grams to have [g]
     * @param measure as a cook measures it out
     * @param keepBack what stays for seasoning later; empty when all goes in
     */
    public record PartNeed(String ingredient, String name, Figure grams, String measure, String keepBack) {}

    /** A step of making it, and how long this much takes. */
    public record StepNeed(String text, double minutes, String time, boolean passive, String caution) {}
}
