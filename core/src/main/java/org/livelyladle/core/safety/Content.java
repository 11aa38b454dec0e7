package org.livelyladle.core.safety;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Origin;
import org.livelyladle.core.catalogue.Sauce;
import org.livelyladle.core.catalogue.Trait;

/** What something holds that somebody may keep away from; the union over its ingredients. */
public record Content(Set<Allergen> allergens, Set<Trait> traits, Set<Origin> origins, boolean rawEgg) {

    public static Content of(Cut cut, Catalogue catalogue) {
        return of(List.of(catalogue.ingredientOf(cut)), false);
    }

    public static Content of(Ingredient ingredient) {
        return of(List.of(ingredient), false);
    }

    public static Content of(Broth broth, Catalogue catalogue) {
        return of(catalogue.ingredientsOf(broth), false);
    }

    public static Content of(Sauce sauce, Catalogue catalogue) {
        return of(
                sauce.parts().stream()
                        .map(part -> catalogue.ingredient(part.ingredient()))
                        .toList(),
                sauce.rawEgg());
    }

    /** All of them together. */
    public static Content union(List<Content> all) {
        if (all.size() == 1) {
            return all.get(0);
        }
        Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        Set<Origin> origins = EnumSet.noneOf(Origin.class);
        for (Content one : all) {
            allergens.addAll(one.allergens);
            traits.addAll(one.traits);
            origins.addAll(one.origins);
        }
        return new Content(allergens, traits, origins, all.stream().anyMatch(Content::rawEgg));
    }

    private static Content of(List<Ingredient> ingredients, boolean rawEgg) {
        return union(ingredients.stream()
                .map(ingredient ->
                        new Content(ingredient.allergens(), ingredient.traits(), Set.of(ingredient.origin()), rawEgg))
                .toList());
    }
}
