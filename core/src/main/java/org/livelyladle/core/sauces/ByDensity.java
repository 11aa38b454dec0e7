package org.livelyladle.core.sauces;

import static org.livelyladle.core.measure.Operation.PRODUCT;

import java.util.List;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Term;

/** What is measured by volume, by weight. */
record ByDensity(Ledger ledger, KitchenText text) {
    /**
     * @param id of the new figure
     * @param volume [ml]
     */
    Figure grams(String id, String title, Ingredient ingredient, Figure volume) {
        double grams = volume.value() * ingredient.densityGPerMl();
        return ledger.figure(id, grams, "g", text.grams(grams))
                .by(
                        title,
                        "Volume x density",
                        PRODUCT,
                        () -> List.of(
                                Term.of("volume", volume),
                                Term.of(
                                        "density",
                                        ingredient.densityGPerMl(),
                                        "g/ml",
                                        KitchenText.number(ingredient.densityGPerMl(), 2) + " g/ml",
                                        "catalogue",
                                        ingredient.mark())));
    }
}
