package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;

/** Why each drop is in its side and comes at its time: what speaks against the others. */
final class Reasons {
    /** So much sooner and later is looked at [s]. */
    private static final int SHIFT_SECONDS = 120;

    private static final double MINUTE = 60;

    private final TablePlanner.Arranged arranged;
    private final Map<String, Guest> guests;

    Reasons(Brief brief, TablePlanner.Arranged arranged) {
        this.arranged = arranged;
        this.guests = brief.guests().stream().collect(Collectors.toMap(Guest::id, guest -> guest));
    }

    List<Sequence.Reason> of(List<DropWriter.Laid> all) {
        return all.stream()
                .map(laid -> new Sequence.Reason(
                        laid.drop().id(), here(laid.drop(), laid.parts().get(0).batch), now(laid), fromPlace(laid)))
                .toList();
    }

    private static double fromPlace(DropWriter.Laid laid) {
        return laid.parts().stream()
                .mapToDouble(part -> Math.abs(part.counted() - part.ideal) / MINUTE)
                .average()
                .orElse(0);
    }

    private String here(Drop drop, Batch batch) {
        if (!drop.side().equals(drop.homeSide())) {
            return "you put it there";
        }
        if (batch.dish().item().inSides() != null) {
            return "you let it into no other";
        }
        SideAllocator.Allocation allocation = arranged.allocation();
        List<Guest> eaters =
                drop.gramsByGuest().keySet().stream().map(guests::get).toList();
        long open = allocation.sides().stream()
                .filter(side -> allocation.mayHold(batch.cut(), side)
                        && eaters.stream().allMatch(eater -> allocation.mayEatFrom(eater, side)))
                .count();
        if (open == 1) {
            return "the only side for it that is open to all it is for";
        }
        return isFavourite(eaters, batch.side())
                ? "the favourite side of those it is for"
                : "of " + open + " sides open to all it is for the one with most room";
    }

    private static boolean isFavourite(List<Guest> eaters, Side side) {
        return eaters.stream().allMatch(eater -> side.id().equals(eater.favouriteSide()));
    }

    private String now(DropWriter.Laid laid) {
        if (laid.drop().pinned()) {
            return "you set its time";
        }
        List<String> reasons = new ArrayList<>();
        say(reasons, laid.parts().get(0), -SHIFT_SECONDS, " sooner: ");
        say(reasons, laid.parts().get(0), SHIFT_SECONDS, " later: ");
        return reasons.isEmpty() ? "a little sooner or later would do as well" : String.join("; ", reasons);
    }

    private void say(List<String> reasons, Placing part, int shift, String word) {
        String against = arranged.sequencer().against(part, shift);
        if (!against.isEmpty()) {
            reasons.add(KitchenText.minutes(SHIFT_SECONDS / MINUTE) + word + against);
        }
    }
}
