package org.livelyladle.core.sequence;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Pot;

/**
 * Who looks after what: a minder after all that is shared in a pot, each guest after what they dip and their own baskets,
 * an adult after a child's.
 */
final class Minders {
    private final Map<String, String> holders = new TreeMap<>();
    /** By pot; none where nobody can. */
    private final Map<String, String> ofPot = new TreeMap<>();

    Minders(Brief brief) {
        this(brief, 0);
    }

    /** @param from whoever has left by then looks after nothing any more [s from sitting down] */
    Minders(Brief brief, int from) {
        int mealSeconds = brief.mealMinutes() * 60;
        List<Guest> adults = brief.guests().stream()
                .filter(guest -> !guest.isSmallChild())
                .filter(guest -> guest.leavesWithin(brief.mealMinutes()) * 60 > from)
                .sorted(Comparator.comparing(Guest::id))
                .toList();
        int next = 0;
        for (Guest guest :
                brief.guests().stream().sorted(Comparator.comparing(Guest::id)).toList()) {
            boolean minded = guest.isSmallChild() && !adults.isEmpty();
            holders.put(guest.id(), minded ? beside(guest, adults, next++, mealSeconds) : guest.id());
        }
        dealPots(brief, candidates(brief, adults, from));
    }

    /** Those the host named, but no small child; else the cooks who sit at the table; else one cook, or one adult. */
    private static List<String> candidates(Brief brief, List<Guest> adults, int from) {
        List<String> named = brief.minders().stream()
                .filter(id -> brief.guest(id)
                        .map(guest -> !guest.isSmallChild() && guest.leavesWithin(brief.mealMinutes()) * 60 > from)
                        .orElse(true))
                .toList();
        if (!named.isEmpty()) {
            return named;
        }
        List<String> seated = brief.cooks().stream()
                .filter(cook -> !cook.helper())
                .map(Cook::id)
                .filter(id -> adults.stream().anyMatch(adult -> adult.id().equals(id) && isThere(adult, brief)))
                .toList();
        if (!seated.isEmpty()) {
            return seated;
        }
        return brief.cooks().isEmpty()
                ? adults.stream().map(Guest::id).limit(1).toList()
                : List.of(brief.cooks().get(0).id());
    }

    /** From sitting down to the end. */
    private static boolean isThere(Guest guest, Brief brief) {
        return guest.arrivesAfterMinutes() == 0 && guest.leavesWithin(brief.mealMinutes()) == brief.mealMinutes();
    }

    /** Each pot to whom of those who reach it has the fewest sides so far; a cook who is no guest reaches all. */
    private void dealPots(Brief brief, List<String> candidates) {
        Map<String, Integer> sides = new HashMap<>();
        brief.pots().stream().sorted(Comparator.comparing(Pot::id)).forEach(pot -> {
            List<String> near = candidates.stream()
                    .filter(id -> brief.guest(id).isEmpty() || pot.isReachedBy(id))
                    .toList();
            (near.isEmpty() ? candidates : near)
                    .stream()
                            .min(Comparator.comparingInt(id -> sides.getOrDefault(id, 0)))
                            .ifPresent(id -> {
                                ofPot.put(pot.id(), id);
                                sides.merge(id, pot.sides().size(), Integer::sum);
                            });
        });
    }

    /** Who looks after what is shared in each pot. */
    Map<String, String> byPot() {
        return ofPot;
    }

    /** Who looks after what is shared in a pot; empty where nobody can. */
    String ofPot(String pot) {
        return ofPot.getOrDefault(pot, "");
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

    /** Whose hand holds what a guest dips, and minds the guest's baskets. */
    String holder(String guest) {
        return holders.get(guest);
    }

    /** Who looks after a batch; null where its eater does. */
    @Nullable
    String of(Batch batch, Pot pot) {
        if (batch.dish().shared()) {
            return ofPot.get(pot.id());
        }
        String eater = batch.servings().get(0).guest();
        String holder = holder(eater);
        return holder.equals(eater) ? null : holder;
    }
}
