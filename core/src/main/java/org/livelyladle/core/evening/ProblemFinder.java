package org.livelyladle.core.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.evening.Evening.CircuitLoad;
import org.livelyladle.core.evening.Evening.Problem;
import org.livelyladle.core.evening.Evening.Problem.Kind;
import org.livelyladle.core.kettle.PotRun;
import org.livelyladle.core.kettle.SideRun;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.sides.SideNames;
import org.livelyladle.core.sides.Sides;

/** What would go wrong in the pots, with the minute and the remedy. */
final class ProblemFinder {
    /** A side this empty is told to run dry [1]; memory. */
    private static final double DRY_SHARE = 0.2;

    private final Brief brief;
    private final KitchenText text;
    /** What each side is called. */
    private final Map<String, String> names;

    private final List<Problem> problems = new ArrayList<>();

    private final int since;

    /** @param since what was before needs no remedy any more [s from sitting down] */
    ProblemFinder(Brief brief, Sides sides, KitchenText text, int since) {
        this.since = since;
        this.brief = brief;
        this.names = SideNames.of(brief, sides.all());
        this.text = text;
    }

    void look(Pot pot, PotRun run) {
        if (!run.isStrongEnough()) {
            add(
                    Kind.WEAK_HEAT,
                    pot.id(),
                    "The " + pot.heat().kind().label() + " under " + pot.name() + " cannot keep it "
                            + pot.boil().label() + ".",
                    pot.isRolling()
                            ? "Let it simmer, or take a stronger heat."
                            : "Take a stronger heat or a smaller pot.");
        }
        run.sides().forEach(side -> look(pot, side));
    }

    private void look(Pot pot, SideRun side) {
        String name = Objects.requireNonNull(names.get(side.plan().side()));
        int dry = dryMinute(side);
        if (dry < side.minutes().size()) {
            add(
                    Kind.DRY,
                    side.plan().side(),
                    name + " runs dry at minute " + dry + ".",
                    "Fill " + pot.name() + " more, or put less into it.");
        }
        if (side.overBrimSecond() != Integer.MIN_VALUE && side.overBrimSecond() > since) {
            add(
                    Kind.OVER_THE_BRIM,
                    side.plan().side(),
                    name + " stands over the brim at " + when(side.overBrimSecond()) + ".",
                    "Fill " + pot.name() + " less.");
        }
        if (side.lowestC() < side.plan().floor().value() && side.lowestSecond() > since) {
            add(
                    Kind.TOO_COOL,
                    side.plan().side(),
                    name + " falls to " + text.celsius(side.lowestC()) + " at " + when(side.lowestSecond())
                            + ", below its floor of " + side.plan().floor().text() + ".",
                    "Put in less at a time, or take a stronger heat.");
        }
    }

    /** The first minute at which it has all but run out; beyond the last when it never has. */
    private static int dryMinute(SideRun side) {
        int minute = 0;
        while (minute < side.minutes().size()
                && side.minutes().get(minute).ml()
                        >= DRY_SHARE * side.plan().fill().value()) {
            minute++;
        }
        return minute;
    }

    private static String when(int second) {
        return second < 0 ? "a minute before sitting down" : "minute " + second / 60;
    }

    List<Problem> find(Figure seating, List<CircuitLoad> circuits) {
        int guests = brief.guests().size();
        int seats = (int) seating.value();
        if (!brief.pots().isEmpty() && seats < guests) {
            add(
                    Kind.SEATS,
                    "",
                    guests + " guests, and pots within reach of " + seats + ".",
                    "Another pot would bring the rest within reach.");
        }
        circuits.stream()
                .filter(load -> load.headroom().value() < 0)
                .forEach(load -> add(
                        Kind.FUSE,
                        load.circuit(),
                        load.name() + " takes " + load.load().text() + " where its fuse trips above "
                                + KitchenText.number(
                                        load.load().value() + load.headroom().value(), 0)
                                + " W.",
                        "Plug one pot into another circuit."));
        List<Pot> electric = brief.pots().stream()
                .filter(pot -> pot.heat().kind().isElectric())
                .toList();
        electric.stream()
                .filter(pot -> electric.size() > 1 && pot.heat().circuit() == null)
                .forEach(pot -> add(
                        Kind.UNKNOWN_FUSE,
                        pot.id(),
                        "Nobody has said which circuit " + pot.name() + " is plugged into.",
                        "Say it, so that the load on the fuse can be told."));
        return problems;
    }

    private void add(Kind kind, String subject, String text, String remedy) {
        problems.add(new Problem(kind, subject, text, remedy));
    }
}
