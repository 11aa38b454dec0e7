package org.livelyladle.core.plan;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Ingredient;

/** What the household adds to the catalogue or corrects, as the plan takes it. */
public record OwnFood(List<Ingredient> ingredients, List<Cut> cuts) {
    public OwnFood {
        ingredients = List.copyOf(ingredients);
        cuts = List.copyOf(cuts);
    }

    static OwnFood of(Brief brief, Catalogue extended) {
        List<OwnIngredient> own = brief.ownIngredients() == null ? List.of() : brief.ownIngredients();
        return new OwnFood(
                own.stream().map(item -> extended.ingredient(item.id())).toList(),
                own.stream()
                        .flatMap(item -> extended.findCut(item.cutId()).stream())
                        .toList());
    }
}
