package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.EndingPlan;
import org.livelyladle.core.table.SoupRound;
import org.livelyladle.core.table.Stay;

/**
 * When soup can be ladled from a side (hard rule H7): nothing raw is in it, and it has boiled for a minute since. After
 * each round where there are rounds; else once, in the second half of the meal, when the broth has taken up most.
 */
record SoupRounds(
        Brief brief,
        Catalogue catalogue,
        SideAllocator.Allocation allocation,
        Minders minders,
        @Nullable EndingPlan ending) {
    /** It boils so long after the last raw thing left it [s]. */
    private static final int BOILED_SECONDS = 60;
    /** Ladling takes about so long [s]; memory. */
    private static final int LADLING_SECONDS = 60;
    /** Soup is ladled no more often than this [s]; memory. */
    private static final int ONCE_IN_SECONDS = 600;
    /** A small bowl [ml]; memory. */
    private static final int ML_EACH = 80;

    List<SoupRound> of(List<Drop> drops) {
        List<SoupRound> rounds = new ArrayList<>();
        for (Side side : brief.sides()) {
            List<Drop> own =
                    drops.stream().filter(drop -> drop.side().equals(side.id())).toList();
            if (!own.isEmpty()) {
                of(side, own, rounds);
            }
        }
        return rounds;
    }

    private void of(Side side, List<Drop> own, List<SoupRound> rounds) {
        int end = ending != null && ending.side().equals(side.id()) ? ending.from() : brief.mealMinutes() * 60;
        if (brief.potOf(side.id()).wayOrUsual() != WayOfEating.ROUNDS) {
            ladled(side, own, brief.mealMinutes() * 30, end).ifPresent(rounds::add);
            return;
        }
        int next = 0;
        for (int out : own.stream()
                .flatMap(drop -> drop.inBroth().stream())
                .mapToInt(Stay::takeOut)
                .sorted()
                .toArray()) {
            Optional<SoupRound> round = out < next ? Optional.empty() : ladled(side, own, out, end);
            if (round.isPresent()) {
                rounds.add(round.get());
                next = round.get().at() + ONCE_IN_SECONDS;
            }
        }
    }

    private Optional<SoupRound> ladled(Side side, List<Drop> own, int from, int end) {
        List<Stay> raw = own.stream()
                .filter(drop -> catalogue.cut(drop.cut()).rawRisk() != RawRisk.NONE)
                .flatMap(drop -> drop.inBroth().stream())
                .toList();
        int at = from;
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Stay stay : raw) {
                if (stay.putIn() < at + LADLING_SECONDS && at < stay.takeOut() + BOILED_SECONDS) {
                    at = stay.takeOut() + BOILED_SECONDS;
                    moved = true;
                }
            }
        }
        int begins = at;
        int until = raw.stream()
                .mapToInt(Stay::putIn)
                .filter(putIn -> putIn >= begins)
                .min()
                .orElse(end);
        List<String> eaters = brief.guests().stream()
                .filter(guest -> allocation.mayEatFrom(guest, side))
                .filter(guest -> Presence.of(guest, brief.mealMinutes() * 60).includes(begins))
                .map(Guest::id)
                .toList();
        boolean fits = begins + LADLING_SECONDS <= end && !eaters.isEmpty();
        return fits
                ? Optional.of(new SoupRound(begins, Math.min(until, end), side.id(), minder(side), eaters, ML_EACH))
                : Optional.empty();
    }

    @Nullable
    private String minder(Side side) {
        return brief.potOf(side.id()).wayOrUsual() == WayOfEating.ROUNDS
                ? minders.ofPot(brief.potOf(side.id()).id())
                : null;
    }
}
