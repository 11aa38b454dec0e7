package org.livelyladle.server.catalogue;

import java.util.List;
import org.livelyladle.core.catalogue.BarPart;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Extra;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.catalogue.Sauce;

/** Everything a host can choose from. */
record CatalogueView(
        String version,
        List<Ingredient> ingredients,
        List<Cut> cuts,
        List<Broth> broths,
        List<Sauce> sauces,
        List<Extra> extras,
        List<BarPart> sauceBar) {}
