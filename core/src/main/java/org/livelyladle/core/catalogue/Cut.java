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
 * @param safeCoreC core temperature at which it is safe [°C]; null where nothing asks for one
 * @param dryShare dry equivalent of one gram as planned (starch), 1 for all others
 * @param swell weight in the pot over weight as planned
 * @param prep ids of the prep steps it needs, in order
 * @param usuallyBought the state most hosts buy it in
 * @param makerCooks some makers sell it cooked, so that it only has to be heated through
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
        Bought usuallyBought,
        boolean makerCooks,
        Mark mark) {
    /** Pleasantly hot at the core; memory [°C]. */
    private static final double HOT_C = 65;
    /** What its maker cooked is heated through [°C]; published, named with the cut. */
    private static final int HEATED_THROUGH_C = 57;

    public Cut {
        dimensionsMm = List.copyOf(dimensionsMm);
        textures = List.copyOf(textures);
        prep = List.copyOf(prep);
    }

    /** The same food cut otherwise [mm]. */
    public Cut shaped(Shape other, List<Double> sizesMm) {
        return copy(
                id,
                ingredient,
                name,
                other,
                sizesMm,
                governed,
                leastReadySeconds,
                rawRisk,
                safeCoreC,
                safeSource,
                mark);
    }

    /** The same food, cooked by its maker: it is heated through until it is hot, and has no raw risk any more. */
    public Cut cookedByMaker() {
        return copy(
                id,
                ingredient,
                name,
                shape,
                dimensionsMm,
                governed.isBy(Governed.By.CORE) ? new Governed(Governed.By.CORE, HOT_C) : governed,
                0,
                RawRisk.NONE,
                HEATED_THROUGH_C,
                "FDA Food Code 2022 3-403.11(C): commercially processed food, heated through to 57 °C",
                mark);
    }

    /** Another food that comes and cooks the same, as the host says. */
    public Cut ownedAs(String otherId, String otherIngredient, String otherName) {
        return copy(
                otherId,
                otherIngredient,
                otherName,
                shape,
                dimensionsMm,
                governed,
                leastReadySeconds,
                rawRisk,
                safeCoreC,
                safeSource,
                Mark.HOST);
    }

    private Cut copy(
            String id,
            String ingredient,
            String name,
            Shape shape,
            List<Double> dimensionsMm,
            Governed governed,
            int leastReadySeconds,
            RawRisk rawRisk,
            @Nullable Integer safeCoreC,
            String safeSource,
            Mark mark) {
        return new Cut(
                id,
                ingredient,
                name,
                shape,
                dimensionsMm,
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
                usuallyBought,
                makerCooks,
                mark);
    }

    /** Raw, or to be heated through: its time to safe holds in a side that stays above its floor. */
    public boolean needsTheFloor() {
        return safeCoreC != null;
    }

    public boolean counted() {
        return pieceGrams != null;
    }

    /** True when a time from the freezer is stated or can be computed. */
    public boolean cooksFrozen() {
        return start == StartState.FROZEN || frozenTimes != null || governed.isBy(Governed.By.CORE);
    }
}
