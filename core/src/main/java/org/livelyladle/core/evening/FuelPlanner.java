package org.livelyladle.core.evening;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.QUOTIENT;
import static org.livelyladle.core.measure.Operation.ROUND_UP;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.evening.Evening.CircuitLoad;
import org.livelyladle.core.kettle.PotRun;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Seats, settings, fuel and fuses. */
final class FuelPlanner {
    /** Heat in a 220 g cartridge of butane at 12.7 kWh/kg; memory [kWh]. */
    static final double CARTRIDGE_KWH = 0.220 * 12.7;

    private final Brief brief;
    private final Ledger ledger;

    FuelPlanner(Brief brief, Ledger ledger) {
        this.brief = brief;
        this.ledger = ledger;
    }

    Figure seats() {
        double seats = brief.pots().stream().mapToDouble(Pot::seats).sum();
        return ledger.figure("evening.seats", seats, "1", KitchenText.number(seats, 0))
                .by(
                        "Guests who reach a pot",
                        "So many to a pot of its kind and size",
                        SUM,
                        () -> brief.pots().stream()
                                .map(pot -> Term.of(
                                        pot.name(),
                                        pot.seats(),
                                        "1",
                                        String.valueOf(pot.seats()),
                                        pot.kind().label(),
                                        Mark.MEMORY))
                                .toList());
    }

    Figure setting(Pot pot, PotRun run) {
        double percent = run.holdingPercent();
        HeatSource heat = pot.heat();
        return ledger.figure("evening.setting." + pot.id(), percent, "%", KitchenText.number(percent, 0) + " %")
                .by(
                        pot.name() + ": turned down to",
                        "What keeps it " + pot.boil().label() + " / what reaches the broth on full",
                        SHARE,
                        () -> List.of(
                                watts(
                                        "keeps it " + pot.boil().label(),
                                        run.holdingW(),
                                        "losses and steam",
                                        Mark.MEMORY),
                                Term.of("in a hundred", 100, "1", "100", "", Mark.COMPUTED),
                                watts(
                                        "on full",
                                        heat.effectiveW(),
                                        heat.watts() + " W, "
                                                + KitchenText.number(heat.efficiency() * 100, 0)
                                                + " % of it reaches the broth",
                                        Mark.MEMORY)));
    }

    Figure energy(Pot pot, PotRun run) {
        double kWh = run.kWh();
        double full = run.fullMinutes() / 60 * pot.heat().watts() / 1000;
        return ledger.figure("evening.energy." + pot.id(), kWh, "kWh", kWh(kWh))
                .by(
                        pot.name() + ": heat at the table",
                        "On full where a side has lost its simmer, else turned down",
                        SUM,
                        () -> List.of(
                                Term.of(
                                        "on full",
                                        full,
                                        "kWh",
                                        kWh(full),
                                        KitchenText.minutes(run.fullMinutes()),
                                        Mark.COMPUTED),
                                Term.of(
                                        "turned down, and before sitting down",
                                        kWh - full,
                                        "kWh",
                                        kWh(kWh - full),
                                        "",
                                        Mark.COMPUTED)));
    }

    @Nullable
    Figure cartridgesOf(Pot pot, PotRun run) {
        if (pot.heat().kind() != HeatSource.Kind.BUTANE) {
            return null;
        }
        double inOne = CARTRIDGE_KWH / pot.heat().fuelTimes();
        boolean isTaught = pot.heat().fuelTimes() != 1;
        double exact = run.kWh() / inOne;
        Figure share = ledger.figure("evening.butane." + pot.id(), exact, "1", KitchenText.number(exact, 2))
                .by(
                        pot.name() + ": butane",
                        "Heat at the table / heat in a cartridge",
                        QUOTIENT,
                        () -> List.of(
                                Term.of("heat at the table", run.kWh(), "kWh", kWh(run.kWh()), "", Mark.COMPUTED),
                                Term.of(
                                        "a 220 g cartridge",
                                        inOne,
                                        "kWh",
                                        kWh(inOne),
                                        isTaught ? "12.7 kWh/kg, and as your evenings have taught" : "12.7 kWh/kg",
                                        isTaught ? Mark.HOST : Mark.MEMORY)));
        double whole = Math.max(1, StrictMath.ceil(exact - 1e-9));
        return ledger.figure("evening.cartridges." + pot.id(), whole, "1", KitchenText.number(whole, 0))
                .by(pot.name() + ": cartridges", "Up to whole ones", ROUND_UP, () -> List.of(Term.of("butane", share)));
    }

    /** Null without a butane stove. */
    @Nullable
    Figure cartridges(List<PotEvening> pots) {
        List<Figure> own = pots.stream()
                .map(PotEvening::cartridges)
                .filter(Objects::nonNull)
                .toList();
        if (own.isEmpty()) {
            return null;
        }
        double all = own.stream().mapToDouble(Figure::value).sum() + 1;
        return ledger.figure("evening.cartridges", all, "1", KitchenText.number(all, 0))
                .by(
                        "Butane cartridges",
                        "What each stove burns, and a spare",
                        SUM,
                        () -> Stream.concat(
                                        own.stream().map(figure -> Term.of("a stove", figure)),
                                        Stream.of(Term.of("spare", 1, "1", "1", "", Mark.COMMON_PRACTICE)))
                                .toList());
    }

    List<CircuitLoad> circuits() {
        List<CircuitLoad> loads = new ArrayList<>();
        for (Kitchen.Circuit circuit : brief.kitchen().circuits()) {
            List<Pot> own = brief.pots().stream()
                    .filter(pot -> pot.heat().kind().isElectric())
                    .filter(pot -> circuit.id().equals(pot.heat().circuit()))
                    .toList();
            double watts = own.stream().mapToDouble(pot -> pot.heat().watts()).sum();
            Figure load = power("evening.load." + circuit.id(), watts)
                    .by(
                            "Load on " + circuit.name(),
                            "All its pots on full",
                            SUM,
                            () -> own.stream()
                                    .map(pot -> watts(pot.name(), pot.heat().watts(), "your pot", Mark.HOST))
                                    .toList());
            Figure headroom = power("evening.headroom." + circuit.id(), circuit.watts() - watts)
                    .by(
                            "What " + circuit.name() + " still takes",
                            "Fuse less load",
                            DIFFERENCE,
                            () -> List.of(
                                    watts("fuse", circuit.watts(), "amperes times volts, by you", Mark.HOST),
                                    Term.of("load", load)));
            loads.add(new CircuitLoad(
                    circuit.id(), circuit.name(), own.stream().map(Pot::id).toList(), load, headroom));
        }
        return loads;
    }

    private Ledger.Draft power(String id, double watts) {
        return ledger.figure(id, watts, "W", KitchenText.number(watts, 0) + " W");
    }

    private static Term watts(String label, double watts, String source, Mark mark) {
        return Term.of(label, watts, "W", KitchenText.number(watts, 0) + " W", source, mark);
    }

    private static String kWh(double kWh) {
        return KitchenText.number(kWh, 2) + " kWh";
    }
}
