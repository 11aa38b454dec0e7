package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.safety.SideAccess;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan.SideUse;

/** What becomes of each side: for whom it is clean, to whom it is closed, what goes in. */
record SideUses(Brief brief, SideAccess access, SideAllocator.Allocation allocation) {

    List<SideUse> of(List<Drop> drops) {
        Map<String, List<String>> cuts = new LinkedHashMap<>();
        drops.forEach(drop ->
                cuts.computeIfAbsent(drop.side(), s -> new ArrayList<>()).add(drop.cut()));
        return brief.sides().stream()
                .map(side -> new SideUse(
                        side.id(),
                        brief.guests().stream()
                                .filter(SideUses::wantsItClean)
                                .filter(guest -> allocation.mayEatFrom(guest, side))
                                .map(Guest::id)
                                .toList(),
                        closed(side),
                        cuts.getOrDefault(side.id(), List.of()).stream()
                                .distinct()
                                .toList()))
                .toList();
    }

    private static boolean wantsItClean(Guest guest) {
        return guest.needs().stream()
                .anyMatch(need -> need.strength() != Strength.DISLIKE && need.kind() != NeedKind.LOW_SALT);
    }

    private List<SideAccess.Closed> closed(Side side) {
        return brief.guests().stream()
                .filter(guest -> !allocation.mayEatFrom(guest, side))
                .map(guest -> access.closed(guest, side).orElseGet(() -> SideAccess.Closed.byOthersFood(guest)))
                .toList();
    }
}
