package org.livelyladle.core.sequence;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.table.TablePlan.Cause;
import org.livelyladle.core.table.TablePlan.Remainder;

/** Why a portion, or part of one, cannot be cooked. */
record Shortfalls(
        Brief brief, SideFitness fitness, SideAllocator.Allocation allocation, Batcher batcher, KitchenText text) {

    /** No side cooks it for its guest. */
    Remainder unreached(Demand demand) {
        String who = demand.guest().name();
        List<Side> open = brief.sides().stream()
                .filter(side -> allocation.mayEatFrom(demand.guest(), side))
                .toList();
        if (open.isEmpty()) {
            return remainder(demand, Cause.NO_SIDE, "no side is open to " + who);
        }
        if (brief.pots().stream().allMatch(pot -> pot.wayOrUsual() == WayOfEating.DIP_AND_WRAP)
                && !fitness.kindOf(demand.cut()).isDippedToWrap()) {
            return remainder(demand, Cause.DIPPED_ONLY, "nothing but what is dipped goes into these pots");
        }
        if (open.stream().noneMatch(side -> fitness.isLetInto(demand.cut(), side))) {
            return remainder(demand, Cause.NO_SIDE_FOR_CUT, "the sides it may go into are not open to " + who);
        }
        if (open.stream().noneMatch(side -> fitness.staysHotFor(demand.cut(), side))) {
            return remainder(demand, Cause.TOO_COOL, "no side open to " + who + " stays hot enough");
        }
        if (open.stream().noneMatch(side -> fitness.canCook(demand.cut(), side))) {
            return remainder(demand, Cause.TOO_SMALL, "no side open to " + who + " takes a piece of it");
        }
        return remainder(
                demand, Cause.NO_SIDE_FOR_CUT, "the sides open to " + who + " are kept clean of it for others");
    }

    /** A side could cook it, and it found no time. */
    Remainder unplaced(Demand demand) {
        boolean meets = brief.sides().stream()
                .filter(side -> allocation.mayHold(demand.cut(), side) && allocation.mayEatFrom(demand.guest(), side))
                .anyMatch(side -> batcher.canMeet(demand.dish(), side, demand));
        return meets
                ? remainder(demand, Cause.NO_ROOM, "no room in the pots within the meal")
                : remainder(demand, Cause.ABSENT, demand.guest().name() + " is not at the table long enough for it");
    }

    Remainder remainder(Demand demand, Cause cause, String reason) {
        return new Remainder(
                demand.guest().id(), demand.cut().id(), demand.grams(), text.grams(demand.grams()), cause, reason);
    }
}
