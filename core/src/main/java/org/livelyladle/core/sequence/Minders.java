package org.livelyladle.core.sequence;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;

/** Who looks after what: a cook after what is shared, each guest after their own slices, an adult after a child's. */
final class Minders {
    private final Map<String, String> holders = new TreeMap<>();
    private final @Nullable String shared;

    Minders(Brief brief) {
        int mealSeconds = brief.mealMinutes() * 60;
        List<Guest> adults = brief.guests().stream()
                .filter(guest -> !guest.isSmallChild())
                .sorted(Comparator.comparing(Guest::id))
                .toList();
        int next = 0;
        for (Guest guest :
                brief.guests().stream().sorted(Comparator.comparing(Guest::id)).toList()) {
            boolean minded = guest.isSmallChild() && !adults.isEmpty();
            holders.put(guest.id(), minded ? beside(guest, adults, next++, mealSeconds) : guest.id());
        }
        shared = brief.cooks().isEmpty()
                ? adults.stream().map(Guest::id).findFirst().orElse(null)
                : brief.cooks().get(0).id();
    }

    /** Adults in turn; one who is at the table as long as the child, or the longest of its time. */
    private static String beside(Guest child, List<Guest> adults, int turn, int mealSeconds) {
        Presence there = Presence.of(child, mealSeconds);
        String best = adults.get(turn % adults.size()).id();
        int most = -1;
        for (int i = 0; i < adults.size(); i++) {
            Guest adult = adults.get((turn + i) % adults.size());
            Presence both = there.and(Presence.of(adult, mealSeconds));
            if (both.until() - both.from() > most) {
                most = both.until() - both.from();
                best = adult.id();
            }
        }
        return best;
    }

    /** Whose hand holds what a guest dips. */
    String holder(String guest) {
        return holders.get(guest);
    }

    /** Who looks after a batch; null where its eater does. */
    @Nullable
    String of(Batch batch) {
        if (!batch.byHand()) {
            return shared;
        }
        String eater = batch.servings().get(0).guest();
        String holder = holder(eater);
        return holder.equals(eater) ? null : holder;
    }
}
