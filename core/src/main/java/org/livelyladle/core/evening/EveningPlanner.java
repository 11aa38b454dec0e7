package org.livelyladle.core.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.BoilUp;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.kettle.Found;
import org.livelyladle.core.kettle.PotRun;
import org.livelyladle.core.kettle.SideRun;
import org.livelyladle.core.kettle.TopUpRule;
import org.livelyladle.core.kettle.Traffic;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TableState;

/** Foresees each pot's evening from the sequence at the table. */
public final class EveningPlanner {
    /** Top-ups are poured by the cup; no more than this share of a small side [ml, 1]. */
    private static final double METRIC_CUP_ML = 250;

    private static final double US_CUP_ML = 236.588;
    private static final double LARGEST_DOSE_SHARE = 0.15;
    /** Plain by intention, or half of it kept back: seasoned by taste at the table, not by the plan. */
    private static final Set<Broth.Source> UNSEASONED = EnumSet.of(Broth.Source.WATER, Broth.Source.PACKET);

    private static final String SALT = "salt";

    private final Brief brief;
    private final Catalogue catalogue;
    private final Ledger ledger;
    private final KitchenText text;

    public EveningPlanner(Brief brief, Catalogue catalogue, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.ledger = ledger;
        this.text = text;
    }

    /**
     * What is foreseen.
     *
     * @param tooCool sides in which raw food stands under their floor
     * @param cooled sides that are under their floor at the moment of the state
     */
    public record Foreseen(Evening evening, Set<String> tooCool, Map<String, Cooled> cooled) {
        public Foreseen {
            tooCool = Set.copyOf(tooCool);
            cooled = Map.copyOf(cooled);
        }
    }

    /** @param state up to whose moment nothing is asked any more, and what was found by then */
    public Foreseen plan(Sides sides, Sequence table, TableState state) {
        Traffic traffic = new Traffic(brief, catalogue, table);
        Set<String> lowSalt = lowSaltSides(traffic);
        int from =
                Math.min(0, table.drops().stream().mapToInt(Drop::putIn).min().orElse(0));
        List<PotEvening> pots = new ArrayList<>();
        ProblemFinder problems = new ProblemFinder(brief, sides, text, state.at());
        Set<String> tooCool = new TreeSet<>();
        Map<String, Cooled> cooled = new TreeMap<>();
        for (Pot pot : brief.pots()) {
            PotRun run = new PotRun(
                    pot,
                    pot.sides().stream()
                            .map(side -> start(pot, side, sides.side(side.id()), traffic, lowSalt, state))
                            .toList(),
                    state);
            run.run(from, table.mealSeconds());
            problems.look(pot, run);
            run.sides().stream()
                    .filter(side -> side.isTooCoolForRawFood(state.at()))
                    .forEach(side -> tooCool.add(side.plan().side()));
            run.sides()
                    .forEach(side -> side.cooledAt(state.at())
                            .ifPresent(found -> cooled.put(side.plan().side(), found)));
            pots.add(describe(pot, run, lowSalt));
        }
        FuelPlanner fuel = new FuelPlanner(brief, ledger);
        Figure seats = fuel.seats();
        List<Evening.CircuitLoad> circuits = fuel.circuits();
        Evening evening = new Evening(
                pots,
                seats,
                fuel.cartridges(pots),
                circuits,
                new LeftOverPlanner(brief, catalogue, ledger, text).plan(pots),
                problems.find(seats, circuits));
        return new Foreseen(evening, tooCool, cooled);
    }

    /** For each guest on little salt the side most of their food comes from. */
    private Set<String> lowSaltSides(Traffic traffic) {
        return brief.guests().stream()
                .filter(guest -> guest.has(NeedKind.LOW_SALT))
                .map(Guest::id)
                .flatMap(guest -> brief.sides().stream()
                        .map(Side::id)
                        .filter(side -> traffic.eaters(side).containsKey(guest))
                        .max(Comparator.comparing(side -> traffic.eaters(side).get(guest)))
                        .stream())
                .collect(Collectors.toSet());
    }

    private SideRun start(Pot pot, Side side, SidePlan plan, Traffic traffic, Set<String> lowSalt, TableState state) {
        Broth broth = catalogue.broth(side.broth());
        double ml = plan.fill().value();
        TopUpRule rule = new TopUpRule(
                side.topUp(),
                band(side, lowSalt),
                !UNSEASONED.contains(broth.source()) && !side.unsalted(),
                ml,
                plan.capacity().value(),
                Math.min(brief.units() == UnitSystem.US ? US_CUP_ML : METRIC_CUP_ML, ml * LARGEST_DOSE_SHARE),
                startSalt(broth, side, lowSalt));
        return new SideRun(
                plan,
                Simmer.of(brief.altitudeM(), broth.saltPercent(), pot.isGentle()),
                rule,
                startSalt(broth, side, lowSalt),
                HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2() / pot.sides().size(),
                traffic,
                new Found(side.id(), state));
    }

    private SaltBand band(Side side, Set<String> lowSalt) {
        return lowSalt.contains(side.id()) ? SaltBand.LITTLE : brief.saltBand();
    }

    /** As made; in a side kept low the cook leaves out of the salt what is too much. */
    private double startSalt(Broth broth, Side side, Set<String> lowSalt) {
        double made = broth.saltPercent();
        if (!lowSalt.contains(side.id())) {
            return made;
        }
        double stirredIn = broth.parts().stream()
                .filter(part -> part.ingredient().equals(SALT))
                .mapToDouble(part -> part.gramsPerLitre() / 10)
                .sum();
        return Math.min(made, Math.max(made - stirredIn, SaltBand.LITTLE.middlePercent()));
    }

    private PotEvening describe(Pot pot, PotRun run, Set<String> lowSalt) {
        double loss = HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2();
        double fill = run.sides().stream()
                .mapToDouble(side -> side.plan().fill().value())
                .sum();
        double boil = run.sides().get(0).plan().boil().value();
        double watts = pot.heat().effectiveW();
        FuelPlanner fuel = new FuelPlanner(brief, ledger);
        return new PotEvening(
                pot.id(),
                new BoilUp(ledger, text)
                        .figure(
                                "evening.boil." + pot.id(),
                                pot.name() + ": to the boil at the table",
                                fill,
                                boil,
                                watts,
                                loss),
                fuel.setting(pot, run),
                fuel.energy(pot, run),
                fuel.cartridgesOf(pot, run),
                run.phases(),
                run.sides().stream()
                        .map(side -> new SideReport(side, ledger, text)
                                .describe(lowSalt.contains(side.plan().side())))
                        .toList());
    }
}
