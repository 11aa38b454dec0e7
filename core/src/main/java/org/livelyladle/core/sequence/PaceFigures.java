package org.livelyladle.core.sequence;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.LARGEST_STEP;
import static org.livelyladle.core.measure.Operation.MAXIMUM;
import static org.livelyladle.core.measure.Operation.MINIMUM;
import static org.livelyladle.core.measure.Operation.QUOTIENT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** How the sequence feels: first bites, waits, and how busy the host is. */
final class PaceFigures {
    /** Actions at one pot within this time are one [s]. */
    private static final int ONE_CUE_SECONDS = 20;

    /** Once so much is eaten [1] nobody waits any more. */
    private static final double NEARLY_ALL = 0.9;

    private final Brief brief;
    private final Ledger ledger;
    private final int mealSeconds;

    PaceFigures(Brief brief, Ledger ledger) {
        this.brief = brief;
        this.ledger = ledger;
        this.mealSeconds = brief.mealMinutes() * 60;
    }

    TablePlan plan(
            List<Drop> drops,
            List<TablePlan.Done> doneness,
            List<TablePlan.SideUse> sides,
            List<TablePlan.Remainder> remainders,
            List<TablePlan.BeatenPin> beaten) {
        List<TablePlan.GuestPace> paces =
                brief.guests().stream().map(guest -> pace(guest, drops, sides)).toList();
        return new TablePlan(
                mealSeconds,
                most(
                        "table.first",
                        "Everybody eats by",
                        "The latest first bite, from sitting down or arriving",
                        paces,
                        true),
                most("table.wait", "Longest wait", "The longest wait of any guest", paces, false),
                cues(drops),
                drops,
                doneness,
                paces,
                sides,
                remainders,
                beaten);
    }

    private TablePlan.GuestPace pace(Guest guest, List<Drop> drops, List<TablePlan.SideUse> sides) {
        int arrival = guest.arrivesAfterMinutes() * 60;
        int end = Math.max(arrival, guest.leavesWithin(brief.mealMinutes()) * 60);
        String endLabel = end < mealSeconds ? "leaves" : "the finish";
        List<TablePlan.Bite> bites = bites(guest.id(), drops);
        List<Term> moments = new ArrayList<>();
        bites.forEach(bite -> moments.add(moment("a bite", bite.at())));
        int first = bites.isEmpty() ? end : bites.get(0).at();
        Figure firstAt = seconds("firstat." + guest.id(), first)
                .by(
                        guest.name() + "'s first bite, from sitting down",
                        "The earliest of all bites",
                        MINIMUM,
                        () -> bites.isEmpty() ? List.of(moment(endLabel, end)) : moments);
        Figure firstBite = seconds("first." + guest.id(), first - arrival)
                .by(
                        guest.name() + "'s first bite",
                        "From sitting down, or from arriving",
                        DIFFERENCE,
                        () -> List.of(Term.of("first bite", firstAt), moment("arrives", arrival)));
        List<Term> ends = new ArrayList<>();
        ends.add(moment("arrives", arrival));
        hungry(bites).forEach(bite -> ends.add(moment("a bite", bite.at())));
        if (bites.isEmpty()) {
            ends.add(moment(endLabel, end));
        }
        double wait =
                Operation.LARGEST_STEP.evaluate(ends.stream().map(Term::value).toList());
        Figure longest = seconds("wait." + guest.id(), wait)
                .by(
                        guest.name() + "'s longest wait",
                        "Between two bites, until nine tenths are eaten",
                        LARGEST_STEP,
                        () -> ends);
        List<String> open = sides.stream()
                .filter(side -> side.closedTo().stream()
                        .noneMatch(closed -> closed.guest().equals(guest.id())))
                .map(TablePlan.SideUse::side)
                .toList();
        return new TablePlan.GuestPace(guest.id(), firstBite, longest, open, bites);
    }

    /** Bites up to the one with which nine tenths are eaten: a wait after it is no wait. */
    private static List<TablePlan.Bite> hungry(List<TablePlan.Bite> bites) {
        double all = bites.stream().mapToDouble(TablePlan.Bite::grams).sum();
        List<TablePlan.Bite> hungry = new ArrayList<>();
        double eaten = 0;
        for (TablePlan.Bite bite : bites) {
            if (eaten < NEARLY_ALL * all) {
                hungry.add(bite);
            }
            eaten += bite.grams();
        }
        return hungry;
    }

    private static List<TablePlan.Bite> bites(String guest, List<Drop> drops) {
        List<TablePlan.Bite> bites = new ArrayList<>();
        for (Drop drop : drops) {
            for (Stay stay : drop.stays()) {
                stay.servings().stream()
                        .filter(serving -> serving.guest().equals(guest))
                        .forEach(serving -> bites.add(new TablePlan.Bite(stay.takeOut(), serving.grams(), drop.id())));
            }
        }
        bites.sort(Comparator.comparingInt(TablePlan.Bite::at).thenComparing(TablePlan.Bite::drop));
        return bites;
    }

    private Figure most(String id, String title, String rule, List<TablePlan.GuestPace> paces, boolean first) {
        List<Figure> figures = paces.stream()
                .map(pace -> first ? pace.firstBite() : pace.longestWait())
                .toList();
        double value = figures.stream().mapToDouble(Figure::value).max().orElse(0);
        return seconds(id, value).by(title, rule, MAXIMUM, () -> {
            List<Term> terms = new ArrayList<>();
            for (int i = 0; i < figures.size(); i++) {
                terms.add(Term.of(brief.guests().get(i).name(), figures.get(i)));
            }
            return terms;
        });
    }

    private Figure cues(List<Drop> drops) {
        Map<String, List<Integer>> byPot = new HashMap<>();
        drops.stream().filter(drop -> !drop.dipped()).forEach(drop -> {
            List<Integer> actions =
                    byPot.computeIfAbsent(brief.potOf(drop.side()).id(), p -> new ArrayList<>());
            if (drop.putIn() >= 0) {
                actions.add(drop.putIn());
            }
            if (!drop.fished()) {
                actions.add(drop.takeOut());
            }
        });
        int cues = byPot.values().stream().mapToInt(PaceFigures::merged).sum();
        double minutes = mealSeconds / 60.0;
        double rate = cues / minutes;
        return ledger.figure("table.cues", rate, "1/min", KitchenText.number(rate, 1) + "/min")
                .by(
                        "Cues",
                        "Host's actions / minutes; those at one pot within 20 s are one; what guests dip and fish out themselves, and what goes in before, does not count",
                        QUOTIENT,
                        () -> List.of(
                                Term.of("actions", cues, "1", String.valueOf(cues), "", Mark.COMPUTED),
                                Term.of("meal", minutes, "min", KitchenText.minutes(minutes), "your meal", Mark.HOST)));
    }

    private static int merged(List<Integer> actions) {
        actions.sort(null);
        int cues = 0;
        int last = Integer.MIN_VALUE / 2;
        for (int action : actions) {
            if (action - last > ONE_CUE_SECONDS) {
                cues++;
                last = action;
            }
        }
        return cues;
    }

    private Ledger.Draft seconds(String id, double seconds) {
        return ledger.figure(id, seconds, "s", KitchenText.seconds(seconds));
    }

    private static Term moment(String label, double second) {
        return Term.of(
                label, second, "s", KitchenText.seconds(second) + " after sitting down", "sequence", Mark.COMPUTED);
    }
}
