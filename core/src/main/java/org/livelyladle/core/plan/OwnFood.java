package org.livelyladle.core.plan;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Sauce;

/** What the household adds to the catalogue or corrects, as the plan takes it. */
public record OwnFood(List<Ingredient> ingredients, List<Cut> cuts, List<Sauce> sauces, List<Extra> extras) {
    public OwnFood {
        ingredients = List.copyOf(ingredients);
        cuts = List.copyOf(cuts);
        sauces = List.copyOf(sauces);
        extras = List.copyOf(extras);
    }

    static OwnFood of(Brief brief, Catalogue extended) {
        List<OwnIngredient> own = brief.ownIngredients();
        return new OwnFood(
                own.stream().map(item -> extended.ingredient(item.id())).toList(),
                own.stream()
                        .flatMap(item -> extended.findCut(item.cutId()).stream())
                        .toList(),
                brief.ownSauces().stream()
                        .map(sauce -> extended.sauce(sauce.id()))
                        .toList(),
                own.stream()
                        .filter(item -> item.beside() != null)
                        .flatMap(item -> extended.findExtra(item.id()).stream())
                        .toList());
    }
}
