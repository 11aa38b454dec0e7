package org.livelyladle.server.catalogue;

import java.util.List;
import org.livelyladle.core.catalogue.Catalogue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue as one document; it changes only with the program. */
@RestController
class CatalogueController {
    private final CatalogueView view;

    CatalogueController(Catalogue catalogue) {
        view = new CatalogueView(
                catalogue.version(),
                List.copyOf(catalogue.ingredients()),
                List.copyOf(catalogue.cuts()),
                List.copyOf(catalogue.broths()),
                List.copyOf(catalogue.sauces()),
                List.copyOf(catalogue.extras()),
                List.copyOf(catalogue.sauceBar()));
    }

    @GetMapping("/api/catalogue")
    CatalogueView catalogue() {
        return view;
    }
}
