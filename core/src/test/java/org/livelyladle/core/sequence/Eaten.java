package org.livelyladle.core.sequence;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** When things are eaten, for tests. */
final class Eaten {
    private Eaten() {}

    static List<Drop> drops(TablePlan table, String cut) {
        return table.drops().stream().filter(drop -> drop.cut().equals(cut)).toList();
    }

    /** When somebody first eats a cut [s from sitting down]. */
    static int first(TablePlan table, String cut) {
        return drops(table, cut).stream()
                .flatMap(drop -> drop.inBroth().stream())
                .mapToInt(Stay::takeOut)
                .min()
                .orElseThrow();
    }

    /** When a cut is eaten, on average over its grams, as a share of the meal [1]; not a number where it is not. */
    static double at(TablePlan table, String cut) {
        double grams = 0;
        double moment = 0;
        for (Drop drop : drops(table, cut)) {
            for (Stay stay : drop.stays()) {
                grams += stay.grams();
                moment += stay.grams() * stay.takeOut();
            }
        }
        return moment / grams / table.mealSeconds();
    }

    /** What a table comes to by one aim, in its unit. */
    static double score(TablePlan table, ScoreTerm.Kind kind) {
        return table.score().stream()
                .filter(term -> term.term() == kind)
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** How long before or after the nearest bite of another cut somebody bites of a cut, at most [s]. */
    static int apart(TablePlan table, String cut, String with) {
        return table.guests().stream()
                .flatMap(guest -> bites(table, guest, cut)
                        .mapToObj(bite -> bites(table, guest, with)
                                .map(other -> Math.abs(other - bite))
                                .min()
                                .orElseThrow()))
                .max(Integer::compare)
                .orElseThrow();
    }

    private static IntStream bites(TablePlan table, TablePlan.GuestPace guest, String cut) {
        Set<String> own = drops(table, cut).stream().map(Drop::id).collect(Collectors.toSet());
        return guest.bites().stream().filter(bite -> own.contains(bite.drop())).mapToInt(TablePlan.Bite::at);
    }
}
