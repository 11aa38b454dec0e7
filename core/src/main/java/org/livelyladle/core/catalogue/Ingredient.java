package org.livelyladle.core.catalogue;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.measure.Mark;

/**
 * Something one can buy.
 *
 * @param edibleShare part of the bought weight that reaches the table; over 1 for what is bought dry and cooked before
 * @param densityGPerMl for spooned and poured goods [g/ml]
 * @param keepsDays how long it keeps once bought, cold where needed [d]
 * @param oneGrams weight of one as it is sold, a head, a bundle, a cob [g]; null where it is not sold so
 * @param oneCalled how one says it: "bunch"; empty where it is one of it
 * @param alsoCalled other names a search finds it by
 * @param remark what a host should know of it before it goes on the menu; may be empty
 */
public record Ingredient(
        String id,
        String name,
        Category category,
        Origin origin,
        Set<Allergen> allergens,
        Set<Trait> traits,
        Aisle aisle,
        double edibleShare,
        double densityGPerMl,
        int keepsDays,
        @Nullable Integer oneGrams,
        String oneCalled,
        Mark mark,
        List<String> alsoCalled,
        String remark) {

    public Ingredient {
        allergens = Check.ordered(allergens, Allergen.class);
        alsoCalled = List.copyOf(alsoCalled);
        traits = Check.ordered(traits, Trait.class);
    }
}
