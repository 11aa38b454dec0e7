package org.livelyladle.core.sauces;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Figure;

/**
 * The house sauces of the evening and the sauce bar.
 *
 * @param without guests for whom there is no sauce
 */
public record Sauces(
        List<SauceNeed> needs, List<Serving> servings, List<Clash> clashes, List<String> without, Bar bar) {
    public Sauces {
        needs = List.copyOf(needs);
        servings = List.copyOf(servings);
        clashes = List.copyOf(clashes);
        without = List.copyOf(without);
    }

    /**
     * A sauce to stir [ml], with its parts [g] in the recipe's order and any caution.
     *
     * @param broth what to ladle for it before any food goes in [ml]; null for a sauce without
     * @param from the side to ladle from, which suits all who get the sauce; empty when none does, then take water
     */
    public record SauceNeed(
            String sauce,
            String name,
            String remark,
            Figure make,
            List<PartNeed> parts,
            @Nullable Figure broth,
            String from,
            String caution) {}

    /** An ingredient of a sauce: measured by volume, bought by weight [ml, g]. */
    public record PartNeed(String ingredient, String name, Figure volume, Figure grams) {}

    /**
     * What stands on the sauce bar.
     *
     * @param guests who stir their own
     */
    public record Bar(List<BarNeed> needs, List<BarClash> clashes, List<String> guests) {
        public Bar {
            needs = List.copyOf(needs);
            clashes = List.copyOf(clashes);
            guests = List.copyOf(guests);
        }
    }

    /** An ingredient of the sauce bar: set out by volume, bought by weight [ml, g]. */
    public record BarNeed(String ingredient, String name, String role, Figure volume, Figure grams) {}

    /** Something on the bar a guest keeps away from, and why. */
    public record BarClash(String guest, String ingredient, String reason) {}

    /** What a guest gets of a sauce [ml]. */
    public record Serving(String guest, String sauce, Figure ml) {}

    /**
     * A sauce a guest keeps away from, and why.
     *
     * @param instead the most alike sauce that suits, on the table before one of the catalogue; empty when there is none
     */
    public record Clash(String guest, String sauce, String reason, String instead) {}
}
