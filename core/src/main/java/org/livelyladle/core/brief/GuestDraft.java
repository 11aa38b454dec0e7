package org.livelyladle.core.brief;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Heat;

/** A guest while being changed: nothing is checked until it is {@link #done()}. Used by one thread. */
final class GuestDraft {
    private final String id;
    String name;
    Appetite appetite;
    List<Need> needs;
    List<Wish> wishes;
    Heat heat;
    int arrivesAfterMinutes;

    @Nullable
    Integer leavesAfterMinutes;

    int portionPercent;
    boolean stirsOwnSauce;

    @Nullable
    String favouriteSide;

    boolean needsFromBefore;

    GuestDraft(Guest guest) {
        id = guest.id();
        name = guest.name();
        appetite = guest.appetite();
        needs = guest.needs();
        wishes = guest.wishes();
        heat = guest.heat();
        arrivesAfterMinutes = guest.arrivesAfterMinutes();
        leavesAfterMinutes = guest.leavesAfterMinutes();
        portionPercent = guest.portionPercent();
        stirsOwnSauce = guest.stirsOwnSauce();
        favouriteSide = guest.favouriteSide();
        needsFromBefore = guest.needsFromBefore();
    }

    Guest done() {
        return new Guest(
                id,
                name,
                appetite,
                needs,
                wishes,
                heat,
                arrivesAfterMinutes,
                leavesAfterMinutes,
                portionPercent,
                stirsOwnSauce,
                favouriteSide,
                needsFromBefore);
    }
}
