package org.livelyladle.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.evening.EveningPlanner;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.sequence.Eaters;
import org.livelyladle.core.sequence.SideLimits;
import org.livelyladle.core.sequence.TablePlanner;
import org.livelyladle.core.sequence.TableResumer;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TableState;

/**
 * The table and the evening foreseen from it. Where raw food would stand in a side below its floor, the side takes less
 * at a time and the table is laid anew; a side that cannot do it at all gets nothing raw.
 *
 * @param unpinned the table as if nothing was pinned; null of a table that goes on from a later moment
 */
record Foresight(
        Sequence table, Evening evening, SideLimits limits, Ledger ledger, TablePlanner.@Nullable Unpinned unpinned) {
    /** After so many tries a side that is too cool gets nothing raw at once, so that each further try bars one at least. */
    private static final int PATIENT_TRIES = 4;

    /** Better moments that make a side too cool are looked for so often, then things stay where they find a place. */
    private static final int MOST_CAREFUL_TRIES = 3;

    /** A side that does not simmer again within so long does not at all [s]; memory. */
    private static final int SOON_SECONDS = 1800;

    /** @param free the same without what is pinned, where that is known: what is pinned goes from there */
    static Foresight of(
            Brief brief,
            Catalogue catalogue,
            Portions portions,
            Sides sides,
            Windows windows,
            @Nullable Foresight free,
            Care care,
            KitchenText text) {
        Care best = care;
        Care now = care;
        int careful = 0;
        SideLimits limits = free == null ? SideLimits.without(tooWeak(brief, sides)) : free.limits();
        TablePlanner.Unpinned known = free == null ? null : free.unpinned();
        for (int tries = 1; ; tries++) {
            Patience.check();
            Ledger ledger = new Ledger();
            TablePlanner planner = new TablePlanner(brief, catalogue, sides, windows, limits, now, text);
            TablePlanner.Unpinned unpinned = known == null ? planner.unpinned(portions) : known;
            Sequence table = planner.plan(portions, unpinned);
            known = null;
            EveningPlanner.Foreseen foreseen =
                    new EveningPlanner(brief, catalogue, ledger, text).plan(sides, table, TableState.empty());
            if (foreseen.tooCool().isEmpty()) {
                if (now == best) {
                    return new Foresight(table, foreseen.evening(), limits, ledger, unpinned);
                }
                now = best;
                continue;
            }
            if (now == Care.FULL && ++careful == MOST_CAREFUL_TRIES) {
                best = Care.PLACED;
            }
            // quick sequences are enough to find limits that hold; then one is made with all care
            now = Care.QUICK;
            limits = tighter(limits, tries, foreseen.tooCool());
        }
    }

    /**
     * From a later moment on: where it would be too cool with better moments, things stay where they are as far as they
     * can.
     *
     * @param brief as it turned out
     * @param before what was to come until then
     * @param pausedBefore pauses that it knew of [s]
     * @param asBefore what sides take at a time, as far as is known
     * @param care whether better moments are looked for at all
     */
    static Foresight of(
            Brief brief,
            Catalogue catalogue,
            Portions portions,
            Sides sides,
            Windows windows,
            Sequence before,
            int pausedBefore,
            SideLimits asBefore,
            TableState state,
            Care care,
            KitchenText text) {
        SideLimits limits = asBefore;
        for (int tries = 0; ; tries++) {
            Patience.check();
            Ledger ledger = new Ledger();
            Sequence table = new TableResumer(brief, catalogue, sides, windows, limits, text, state)
                    .resume(portions, before, pausedBefore, tries == 0 ? care : Care.QUICK);
            EveningPlanner.Foreseen foreseen =
                    new EveningPlanner(brief, catalogue, ledger, text).plan(sides, table, state);
            // what lies on a plate goes in whatever the side is like, and no limit helps it
            boolean isAllTried = tries > PATIENT_TRIES + sides.all().size();
            if (foreseen.tooCool().isEmpty() || isAllTried) {
                return new Foresight(table, foreseen.evening(), limits, ledger, null);
            }
            limits = tries == 0 ? limits : tighter(limits, tries, foreseen.tooCool());
        }
    }

    /** Sides that are under their floor as far as is known, and would simmer again if nothing more went in. */
    static Map<String, Cooled> cooled(
            Brief brief, Catalogue catalogue, Sides sides, TableState state, KitchenText text) {
        if (!state.tellsOfBroths()) {
            return Map.of();
        }
        int until = Math.min(brief.mealMinutes() * 60, Math.max(0, state.at()) + SOON_SECONDS);
        Sequence nothingMore = Sequence.of(until, state.begun());
        return new EveningPlanner(brief, catalogue, new Ledger(), text)
                .plan(sides, nothingMore, state)
                .cooled();
    }

    /** With what has begun as it happened; nothing where a side would be too cool for what is to come. */
    static Optional<Foresight> asItStands(
            Brief brief,
            Catalogue catalogue,
            Sides sides,
            Sequence before,
            SideLimits limits,
            TableState state,
            KitchenText text) {
        Ledger ledger = new Ledger();
        Sequence table = before.havingBegun(new Eaters(brief, catalogue, state).begun());
        EveningPlanner.Foreseen foreseen = new EveningPlanner(brief, catalogue, ledger, text).plan(sides, table, state);
        return foreseen.tooCool().isEmpty()
                ? Optional.of(new Foresight(table, foreseen.evening(), limits, ledger, null))
                : Optional.empty();
    }

    private static SideLimits tighter(SideLimits limits, int tries, Set<String> tooCool) {
        return tries < PATIENT_TRIES ? limits.after(tooCool) : limits.barring(tooCool);
    }

    /** Sides whose heat does not even make up for what they lose at their floor, with the lid on. */
    private static Set<String> tooWeak(Brief brief, Sides sides) {
        return brief.pots().stream()
                .filter(pot -> !pot.sides().isEmpty())
                .flatMap(pot -> pot.sides().stream()
                        .map(side -> sides.side(side.id()))
                        .filter(side ->
                                lossW(pot, side.floor().value()) >= pot.heat().effectiveW())
                        .map(side -> side.side()))
                .collect(Collectors.toSet());
    }

    private static double lossW(Pot pot, double celsius) {
        return HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2() * (celsius - HeatUp.ROOM_C);
    }
}
