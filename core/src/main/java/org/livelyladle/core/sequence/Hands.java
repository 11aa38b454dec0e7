package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.sequence.Constraint.Breach;

/**
 * Who holds something into a pot over the evening (hard rule H5): one slice and one basket each, and only so many reach a
 * pot at once.
 */
final class Hands {
    /** People who dip at one pot at the same time; common practice. */
    static final int MOST_AT_A_POT = 6;

    private final List<Holder> guests = new ArrayList<>();
    /** By the place of whoever eats it: who holds it. */
    private final List<Holder> holders;

    private final Map<String, int[]> atPot = new HashMap<>();
    private final int length;

    /**
     * Somebody at the table.
     *
     * @param has what they hold over the evening
     */
    private record Holder(String id, Presence presence, List<Placing> has) {}

    Hands(Brief brief, Minders minders) {
        int mealSeconds = brief.mealMinutes() * 60;
        length = mealSeconds / TablePlanner.GRID_SECONDS + 2;
        Map<String, Holder> byId = new HashMap<>();
        for (Guest guest : brief.guests()) {
            Holder holder = new Holder(guest.id(), Presence.of(guest, mealSeconds), new ArrayList<>());
            guests.add(holder);
            byId.put(guest.id(), holder);
        }
        holders = guests.stream()
                .map(guest -> byId.get(minders.holder(guest.id())))
                .toList();
    }

    List<Constraint> constraints() {
        return List.of(this::isAway, this::hasAnother, this::isCrowded);
    }

    /** It is going to be held, whenever that is. */
    void expect(Placing placing) {
        if (!placing.shared) {
            holderOf(placing).has().add(placing);
        }
    }

    void enter(Placing placing) {
        count(placing, 1);
    }

    void leave(Placing placing) {
        count(placing, -1);
    }

    private void count(Placing placing, int by) {
        if (placing.byHand) {
            int[] hands = atPot.computeIfAbsent(placing.pot(), pot -> new int[length]);
            for (int i = first(placing.putIn - placing.before); i <= last(placing, placing.putIn); i++) {
                hands[i] += by;
            }
        }
    }

    private Holder holderOf(Placing placing) {
        return holders.get(placing.eaters[0]);
    }

    private @Nullable Breach isAway(Placing placing, int putIn, int linger) {
        if (placing.shared) {
            return null;
        }
        Holder holder = holderOf(placing);
        int from = putIn + linger + placing.offset;
        int until = putIn + linger + placing.duration;
        Presence there = holder.presence();
        if (there.holds(from, until)) {
            return null;
        }
        boolean isLate = from < there.from();
        return new Breach(
                "H5",
                holder.id(),
                isLate ? from : until,
                isLate ? there.from() : there.until(),
                "who holds it for a child is not at the table");
    }

    private @Nullable Breach hasAnother(Placing placing, int putIn, int linger) {
        if (placing.shared) {
            return null;
        }
        Holder holder = holderOf(placing);
        for (Placing other : holder.has()) {
            if (other != placing
                    && other.byHand == placing.byHand
                    && other.overlaps(putIn - placing.before, putIn + placing.duration)) {
                return new Breach("H5", holder.id(), 2, 1, "somebody has another slice or basket at that time");
            }
        }
        return null;
    }

    private @Nullable Breach isCrowded(Placing placing, int putIn, int linger) {
        int[] hands = placing.byHand ? atPot.get(placing.pot()) : null;
        if (hands == null) {
            return null;
        }
        for (int i = first(putIn - placing.before); i <= last(placing, putIn); i++) {
            boolean isOwn = placing.isOnBoard
                    && first(placing.putIn - placing.before) <= i
                    && i <= last(placing, placing.putIn);
            int with = hands[i] + (isOwn ? 0 : 1);
            if (with > MOST_AT_A_POT) {
                return new Breach("H5", placing.pot(), with, MOST_AT_A_POT, "too many dip at that pot at that time");
            }
        }
        return null;
    }

    private static int first(int putIn) {
        return Math.max(0, putIn) / TablePlanner.GRID_SECONDS;
    }

    private int last(Placing turn, int putIn) {
        return Math.min(length - 1, (putIn + turn.duration) / TablePlanner.GRID_SECONDS);
    }
}
