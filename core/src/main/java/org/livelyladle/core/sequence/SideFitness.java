package org.livelyladle.core.sequence;

import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.Sides;

/** Which cuts a side can cook at all, whoever eats them. */
record SideFitness(Brief brief, Catalogue catalogue, Sides plans, SideLimits limits, Map<String, Dish> dishes) {

    /** A side stays hot enough for the cut, and takes at least a piece of it at once. */
    boolean canCook(Cut cut, Side side) {
        return isLetInto(cut, side) && staysHotFor(cut, side) && takesAPiece(cut, side);
    }

    Category kindOf(Cut cut) {
        return catalogue.ingredientOf(cut).category();
    }

    /** What never goes into a pot. */
    boolean standsBeside(Cut cut) {
        return brief.standsBeside(kindOf(cut), cut);
    }

    /** The host lets it in, and it is no pot for other things. */
    boolean isLetInto(Cut cut, Side side) {
        boolean other = brief.potOf(side.id()).wayOrUsual() == WayOfEating.DIP_AND_WRAP
                && !kindOf(cut).isDippedToWrap();
        return !other && dishes.get(cut.id()).item().mayGoInto(side.id());
    }

    boolean staysHotFor(Cut cut, Side side) {
        return !cut.needsTheFloor() || limits.takesRaw(side.id());
    }

    private boolean takesAPiece(Cut cut, Side side) {
        double grams = (cut.pieceGrams() == null ? Batcher.SMALLEST_HELPING_G : cut.pieceGrams()) * cut.swell();
        double cold = grams * (dishes.get(cut.id()).startsFrozen() ? Placing.FROZEN_COUNTS : 1);
        SidePlan plan = plans.side(side.id());
        return Batch.volumeMl(cut, grams) <= plan.room().value()
                && cold
                        <= new ColdLoad(
                                        limits.share(side.id())
                                                * plan.dropLimit().value(),
                                        0)
                                .limitG();
    }
}
