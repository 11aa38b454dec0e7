package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.evening.PotEvening;
import org.livelyladle.core.evening.SideEvening;
import org.livelyladle.core.kettle.SideMinute;
import org.livelyladle.core.plan.Plan;

/**
 * An evening without a mistake, by the simulator of the rehearsal, against what the planner foresees: two reckonings that
 * share no code. Whether the lid goes on for something that meets a simmering side hangs on a tenth of a kelvin, so the
 * planner's must lie within what this one says of lids as they are, of lids kept on until food has drawn what it draws at
 * once, and of none. Left out are pots whose heat is too weak by the plan's own word (where it hangs on a tenth of a kelvin
 * whether the lid is on), sides that run dry by it, and temperatures between a simmer and the boil, where heat is turned
 * down some seconds sooner by one reckoning than by the other.
 */
public final class Undisturbed {
    private static final double TOLERANCE_K = 2;
    private static final double TOLERANCE_LEVEL = 0.05;
    /** A simmer is no more than so far below what a side is kept at. */
    private static final double BELOW_KEPT_K = 2.5;

    /** The same pieces are met at one party after another. */
    private static final Cores CORES = new Cores();

    private Undisturbed() {}

    /** What differs, and what goes wrong without a mistake and without the plan saying so; nothing. */
    public static List<String> faults(Scene scene, Plan plan) {
        Script script = new Script(scene, CORES);
        Map<Integer, List<double[]>> seen = new HashMap<>();
        Trial.Planned planned = Trial.undisturbed(script, into(seen));
        Map<String, Set<Evening.Problem.Kind>> named = plan.evening().problems().stream()
                .collect(Collectors.groupingBy(
                        Evening.Problem::subject, Collectors.mapping(Evening.Problem::kind, Collectors.toSet())));
        List<String> faults = differing(plan, script, named, List.of(seen));
        if (!faults.isEmpty()) {
            // the other two only widen what is allowed
            faults = differing(
                    plan,
                    script,
                    named,
                    List.of(
                            seen,
                            played(scene, load -> Load.NO_LID),
                            played(
                                    scene,
                                    load -> load.lidFor() == Load.NO_LID
                                            ? Load.NO_LID
                                            : load.thin() ? 0 : (int) Math.ceil(load.warmsWithin()))));
        }
        for (Happening one : planned.anyway()) {
            if (!isNamed(one, script, named)) {
                faults.add(one.trouble() + " at " + one.at() + " s, side " + one.side() + ", drop " + one.drop());
            }
        }
        return faults;
    }

    /** @param readings what the simulator saw, by the place of a side */
    private static List<String> differing(
            Plan plan,
            Script script,
            Map<String, Set<Evening.Problem.Kind>> named,
            List<Map<Integer, List<double[]>>> readings) {
        List<String> faults = new ArrayList<>();
        int place = 0;
        for (PotEvening pot : plan.evening().pots()) {
            boolean weak = named.getOrDefault(pot.pot(), Set.of()).contains(Evening.Problem.Kind.WEAK_HEAT);
            for (SideEvening side : pot.sides()) {
                Set<Evening.Problem.Kind> own = named.getOrDefault(side.side(), Set.of());
                if (!weak && !own.contains(Evening.Problem.Kind.DRY)) {
                    int here = place;
                    compare(
                            faults,
                            side,
                            readings.stream().map(one -> one.get(here)).toList(),
                            script.sides.get(place).kind());
                }
                place++;
            }
        }
        return faults;
    }

    private static TendedSide.Watcher into(Map<Integer, List<double[]>> seen) {
        return (side, minute, grams, coolest) ->
                seen.computeIfAbsent(side, key -> new ArrayList<>()).add(new double[] {grams, coolest});
    }

    private static Map<Integer, List<double[]>> played(Scene scene, ToIntFunction<Load> lidFor) {
        Script script = new Script(scene, CORES);
        script.loads.replaceAll(load -> covered(load, lidFor.applyAsInt(load)));
        Map<Integer, List<double[]>> seen = new HashMap<>();
        Trial.undisturbed(script, into(seen));
        return seen;
    }

    private static Load covered(Load load, int lidFor) {
        return new Load(
                load.drop(),
                load.key(),
                load.side(),
                load.putIn(),
                load.actor(),
                load.hand(),
                load.tended(),
                load.needsBasket(),
                load.raw(),
                load.thin(),
                lidFor,
                load.startC(),
                load.warmsWithin(),
                load.core(),
                load.safeSeconds(),
                load.parts());
    }

    private static void compare(List<String> faults, SideEvening side, List<List<double[]>> seen, Broth.Kind kind) {
        int minutes = Math.min(
                side.minutes().size(), seen.stream().mapToInt(List::size).min().orElse(0));
        for (int i = 0; i < minutes; i++) {
            int minute = i;
            SideMinute own = side.minutes().get(minute);
            DoubleSummaryStatistics celsius =
                    seen.stream().mapToDouble(one -> one.get(minute)[1]).summaryStatistics();
            DoubleSummaryStatistics grams =
                    seen.stream().mapToDouble(one -> one.get(minute)[0]).summaryStatistics();
            boolean simmers = Math.min(own.celsius(), celsius.getMin()) > kind.keptC() - BELOW_KEPT_K;
            double kelvin = outside(own.celsius(), celsius);
            double level = outside(own.ml(), grams) / kind.fillG();
            if (kelvin > TOLERANCE_K && !simmers) {
                faults.add(side.side() + " minute " + minute + ": " + kelvin + " K");
            }
            if (level > TOLERANCE_LEVEL) {
                faults.add(side.side() + " minute " + minute + ": " + level + " of its fill");
            }
        }
    }

    /** How far a figure is out of the range of others. */
    private static double outside(double figure, DoubleSummaryStatistics others) {
        return Math.max(0, Math.max(others.getMin() - figure, figure - others.getMax()));
    }

    private static boolean isNamed(Happening one, Script script, Map<String, Set<Evening.Problem.Kind>> named) {
        if (one.side() == Happening.NONE) {
            return false;
        }
        Script.InPot side = script.sides.get(one.side());
        String pot = script.pots.get(side.pot()).id();
        Set<Evening.Problem.Kind> said = named.getOrDefault(side.id(), Set.of());
        return switch (one.trouble()) {
            case DRY -> said.contains(Evening.Problem.Kind.DRY);
            case OVER_BRIM -> said.contains(Evening.Problem.Kind.OVER_THE_BRIM);
            case UNDER_FLOOR ->
                said.contains(Evening.Problem.Kind.DRY)
                        || named.getOrDefault(pot, Set.of()).contains(Evening.Problem.Kind.WEAK_HEAT);
            default -> false;
        };
    }
}
