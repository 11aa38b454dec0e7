package org.livelyladle.server.exchange;

import java.util.List;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;

/**
 * The broth a recipe would bring in; nothing is stored. The host takes it over by an edit.
 *
 * @param rows every ingredient line with how it was read, and what had to be guessed
 * @param ingredients those the catalogue does not know, which count as the strictest until the host says more
 */
record RecipePreview(List<ImportPreview.Row> rows, OwnBroth broth, List<OwnIngredient> ingredients) {
    RecipePreview {
        rows = List.copyOf(rows);
        ingredients = List.copyOf(ingredients);
    }
}
