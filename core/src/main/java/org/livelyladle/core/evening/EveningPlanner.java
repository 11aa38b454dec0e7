package org.livelyladle.core.evening;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.TopUp;
import org.livelyladle.core.broths.BoilUp;
import org.livelyladle.core.broths.SidePlan;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.evening.SideEvening.Dose;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.TablePlan;

/** Foresees each pot's evening from the sequence at the table. */
public final class EveningPlanner {
    /** Top-ups are poured by the cup; no more than this share of a small side [ml, 1]. */
    private static final double METRIC_CUP_ML = 250;

    private static final double US_CUP_ML = 236.588;
    private static final double LARGEST_DOSE_SHARE = 0.15;
    private static final double PERCENT = 100;
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

    public Evening plan(Sides sides, TablePlan table) {
        Traffic traffic = new Traffic(brief, catalogue, table);
        Set<String> lowSalt = lowSaltSides(traffic);
        int from =
                Math.min(0, table.drops().stream().mapToInt(Drop::putIn).min().orElse(0));
        List<PotEvening> pots = new ArrayList<>();
        ProblemFinder problems = new ProblemFinder(brief);
        for (Pot pot : brief.pots()) {
            PotRun run = new PotRun(
                    pot,
                    pot.sides().stream()
                            .map(side -> start(pot, side, sides.side(side.id()), traffic, lowSalt))
                            .toList());
            run.run(from, table.mealSeconds());
            problems.look(pot, run);
            pots.add(describe(pot, run, lowSalt));
        }
        FuelPlanner fuel = new FuelPlanner(brief, ledger);
        Evening evening = new Evening(
                pots,
                fuel.seats(),
                fuel.cartridges(pots),
                fuel.circuits(),
                new LeftOverPlanner(brief, catalogue, ledger, text).plan(pots),
                List.of());
        return new Evening(
                evening.pots(),
                evening.seats(),
                evening.cartridges(),
                evening.circuits(),
                evening.leftOvers(),
                problems.find(evening));
    }

    /** For each guest on little salt the side most of their food comes from. */
    private Set<String> lowSaltSides(Traffic traffic) {
        return brief.guests().stream()
                .filter(guest -> guest.has(NeedKind.LOW_SALT))
                .map(Guest::id)
                .flatMap(guest -> brief.sides().stream()
                        .map(Side::id)
                        .filter(side -> traffic.eaters(side).containsKey(guest))
                        .max(java.util.Comparator.comparing(
                                side -> traffic.eaters(side).get(guest)))
                        .stream())
                .collect(Collectors.toSet());
    }

    private SideRun start(Pot pot, Side side, SidePlan plan, Traffic traffic, Set<String> lowSalt) {
        Broth broth = catalogue.broth(side.broth());
        double ml = plan.fill().value();
        TopUpRule rule = new TopUpRule(
                side.policy(),
                band(side, lowSalt),
                ml,
                plan.capacity().value(),
                Math.min(brief.units() == UnitSystem.US ? US_CUP_ML : METRIC_CUP_ML, ml * LARGEST_DOSE_SHARE),
                startSalt(broth, side, lowSalt));
        return new SideRun(
                plan,
                Simmer.of(brief.altitude(), broth.saltPercent()),
                rule,
                startSalt(broth, side, lowSalt),
                HeatUp.DRY_LOSS_W_PER_M2_K * pot.outsideM2() / pot.sides().size(),
                traffic.foods(side.id()),
                traffic.soup(side.id()));
    }

    private SaltBand band(Side side, Set<String> lowSalt) {
        return lowSalt.contains(side.id()) ? SaltBand.LITTLE : brief.saltBandOrUsual();
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
                .mapToDouble(side -> side.plan.fill().value())
                .sum();
        double boil = run.sides().get(0).plan.boil().value();
        double watts = pot.heatOrUsual().effectiveW();
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
                        .map(side -> describe(side, lowSalt.contains(side.plan.side())))
                        .toList());
    }

    private SideEvening describe(SideRun run, boolean lowSalt) {
        SidePlan plan = run.plan;
        String id = plan.side();
        Figure level = level(run);
        return new SideEvening(
                id,
                run.startPercent(),
                lowest(run),
                level,
                salt(run, level),
                kept(run, "reserve", "Reserve to keep hot", Dose.Kind.RESERVE, Dose.Kind.SEASONED),
                kept(run, "water", "Water to keep hot", Dose.Kind.WATER),
                lowSalt,
                run.minutes,
                run.doses.stream().map(this::dose).toList(),
                run.dips());
    }

    private Figure lowest(SideRun run) {
        String id = run.plan.side();
        double celsius = run.lowestC();
        int minute = Math.floorDiv(run.lowestSecond(), 60);
        String when = minute < 0 ? "before sitting down" : "minute " + minute;
        return ledger.figure("evening.lowest." + id, celsius, "°C", text.celsius(celsius))
                .by(
                        run.plan.brothName() + ": the coolest moment",
                        "Heat in, losses, steam and what the food draws, second by second",
                        GIVEN,
                        () -> List.of(
                                Term.of("at the coolest", celsius, "°C", text.celsius(celsius), when, Mark.COMPUTED),
                                Term.of("never under", run.plan.floor())));
    }

    private Figure level(SideRun run) {
        SideRun.Flows flows = run.flows;
        return ledger.figure("evening.level." + run.plan.side(), run.ml(), "ml", text.millilitres(run.ml()))
                .by(
                        run.plan.brothName() + " at the finish",
                        "What was there, what was poured in, what left",
                        SUM,
                        () -> List.of(
                                Term.of("at the start", run.plan.fill()),
                                flow("water poured in", flows.poured(Dose.Kind.WATER), "", Mark.COMPUTED),
                                flow(
                                        "reserve poured in",
                                        flows.poured(Dose.Kind.RESERVE) + flows.poured(Dose.Kind.SEASONED),
                                        "",
                                        Mark.COMPUTED),
                                flow("juice of leaves", flows.given, "15 % of their weight", Mark.MEMORY),
                                flow("boiled off", -flows.evaporated, "250 W of steam a pot at a simmer", Mark.MEMORY),
                                flow("ladled as soup", -flows.ladled, "100 ml a guest and hour", Mark.MEMORY),
                                flow("taken up by noodles", -flows.takenUp, "as they swell", Mark.MEMORY),
                                flow("clinging to what is taken out", -flows.clung, "0.08 ml/g", Mark.MEMORY)));
    }

    private Term flow(String label, double ml, String source, Mark mark) {
        String shown = (ml < 0 ? "−" : "") + text.millilitres(Math.abs(ml));
        return Term.of(label, ml, "ml", shown, source, mark);
    }

    private Figure salt(SideRun run, Figure level) {
        double percent = run.percent();
        return ledger.figure("evening.salt." + run.plan.side(), percent, "%", KitchenText.number(percent, 2) + " %")
                .by(
                        run.plan.brothName() + ": salt at the finish",
                        "Salt in it / broth; steam leaves its salt behind, soup takes it along",
                        SHARE,
                        () -> List.of(
                                Term.of(
                                        "salt in it",
                                        run.saltG(),
                                        "g",
                                        KitchenText.number(run.saltG(), 1) + " g",
                                        KitchenText.number(run.startPercent(), 2) + " % at the start, "
                                                + KitchenText.number(run.flows.saltStirredG, 1) + " g stirred in",
                                        Mark.COMPUTED),
                                Term.of("in a hundred", PERCENT, "1", "100", "", Mark.COMPUTED),
                                Term.of("broth at the finish", level)));
    }

    /** All doses of some kinds and a spare one; none where the host forbids the kind. */
    private Figure kept(SideRun run, String part, String title, Dose.Kind... kinds) {
        Set<Dose.Kind> wanted = Set.of(kinds);
        List<SideRun.Poured> own = run.doses.stream()
                .filter(dose -> dose.pouring().ml() > 0
                        && wanted.contains(dose.pouring().kind()))
                .toList();
        TopUp barred = wanted.contains(Dose.Kind.WATER) ? TopUp.STOCK : TopUp.WATER;
        double spare = run.rule().policy() == barred ? 0 : run.rule().doseMl();
        double ml = own.stream().mapToDouble(dose -> dose.pouring().ml()).sum() + spare;
        return ledger.figure("evening." + part + "." + run.plan.side(), ml, "ml", text.millilitres(ml))
                .by(
                        title + " for " + run.plan.brothName(),
                        "Every dose of the evening and a spare one",
                        SUM,
                        () -> Stream.concat(
                                        own.stream()
                                                .map(dose -> Term.of(
                                                        "minute " + dose.minute(),
                                                        dose.pouring().ml(),
                                                        "ml",
                                                        text.millilitres(
                                                                dose.pouring().ml()),
                                                        "",
                                                        Mark.COMPUTED)),
                                        Stream.of(Term.of(
                                                "spare", spare, "ml", text.millilitres(spare), "", Mark.MEMORY)))
                                .toList());
    }

    private Dose dose(SideRun.Poured poured) {
        TopUpRule.Pouring pouring = poured.pouring();
        String salt = pouring.stirredG() > 0 ? KitchenText.number(pouring.stirredG(), 1) + " g salt" : "";
        String what = switch (pouring.kind()) {
            case WATER -> text.millilitres(pouring.ml()) + " hot water";
            case RESERVE -> text.millilitres(pouring.ml()) + " hot reserve";
            case SEASONED ->
                pouring.ml() == 0
                        ? "season with " + salt
                        : text.millilitres(pouring.ml()) + " hot reserve with " + salt;
        };
        return new Dose(poured.minute(), pouring.ml(), pouring.kind(), pouring.stirredG(), what);
    }
}
