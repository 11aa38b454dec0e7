package org.livelyladle.core.catalogue;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.measure.Mark;

/**
 * A form in which an ingredient comes to the table.
 *
 * @param dimensionsMm full dimensions as {@link Shape} asks for them [mm]
 * @param pieceGrams weight of one piece [g]; null for what is served by weight
 * @param chilledTimes times from the stated start state
 * @param frozenTimes times straight from the freezer; null where nobody has stated them
 * @param byHand dipped by each guest, slice by slice
 * @param governed what decides when it is good to eat
 * @param toughens whose passing of the best is computed; null where the stated times hold
 * @param leastReadySeconds the trade takes a raw one out no sooner, whatever is computed [s]; 0 without such a bound
 * @param safeCoreC core temperature at which it is safe [°C]; null without raw risk
 * @param dryShare dry equivalent of one gram as planned (starch), 1 for all others
 * @param swell weight in the pot over weight as planned
 * @param prep ids of the prep steps it needs, in order
 */
public record Cut(
        String id,
        String ingredient,
        String name,
        Shape shape,
        List<Double> dimensionsMm,
        StartState start,
        @Nullable Double pieceGrams,
        Times times,
        @Nullable Times frozenTimes,
        String cue,
        boolean byHand,
        Governed governed,
        @Nullable Family toughens,
        int leastReadySeconds,
        RawRisk rawRisk,
        @Nullable Integer safeCoreC,
        String safeSource,
        Choking choking,
        List<Texture> textures,
        double dryShare,
        double swell,
        List<String> prep,
        Mark mark) {

    public Cut {
        dimensionsMm = List.copyOf(dimensionsMm);
        textures = List.copyOf(textures);
        prep = List.copyOf(prep);
    }

    /** The same food cut otherwise [mm]. */
    public Cut shaped(Shape other, List<Double> sizesMm) {
        return new Cut(
                id,
                ingredient,
                name,
                other,
                sizesMm,
                start,
                pieceGrams,
                times,
                frozenTimes,
                cue,
                byHand,
                governed,
                toughens,
                leastReadySeconds,
                rawRisk,
                safeCoreC,
                safeSource,
                choking,
                textures,
                dryShare,
                swell,
                prep,
                mark);
    }

    public boolean counted() {
        return pieceGrams != null;
    }

    /** True when a time from the freezer is stated or can be computed. */
    public boolean cooksFrozen() {
        return start == StartState.FROZEN || frozenTimes != null || governed.isBy(Governed.By.CORE);
    }
}
