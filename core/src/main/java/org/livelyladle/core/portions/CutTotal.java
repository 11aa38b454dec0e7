package org.livelyladle.core.portions;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.measure.Figure;

/**
 * All that is served of one cut.
 *
 * @param bought the state it is bought in
 * @param pieces whole pieces; null for what is served by weight
 * @param tooFew true when somebody who loves it gets no piece
 */
public record CutTotal(
        String cut,
        String name,
        Category category,
        Bought bought,
        Figure grams,
        @Nullable Figure pieces,
        boolean tooFew) {}
