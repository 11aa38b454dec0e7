package org.livelyladle.core.packs;

import java.util.Locale;
import org.livelyladle.core.check.UnsolvableException;

/** No offer and no cover can meet a need. */
public final class UnsuppliedException extends UnsolvableException {
    UnsuppliedException(String ingredient, double grams, double coverable) {
        super(
                "needs." + ingredient,
                String.format(
                        Locale.ROOT,
                        "%.1f g of %s are needed, no offer supplies it and covers reach %.1f g. Add an offer for %s or a larger cover.",
                        grams,
                        ingredient,
                        coverable,
                        ingredient));
    }
}
