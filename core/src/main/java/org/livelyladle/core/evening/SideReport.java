package org.livelyladle.core.evening;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.SHARE;
import static org.livelyladle.core.measure.Operation.SUM;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.livelyladle.core.brief.TopUp;
import org.livelyladle.core.evening.SideEvening.Dose;
import org.livelyladle.core.kettle.Flows;
import org.livelyladle.core.kettle.Pouring;
import org.livelyladle.core.kettle.SideRun;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.sides.SidePlan;

/** Puts the run of a side into figures with their workings. */
record SideReport(SideRun run, Ledger ledger, KitchenText text) {
    private static final double PERCENT = 100;

    SideEvening describe(boolean lowSalt) {
        SidePlan plan = run.plan();
        String id = plan.side();
        Figure level = level();
        return new SideEvening(
                id,
                run.startPercent(),
                lowest(),
                level,
                salt(level),
                kept("reserve", "Reserve to keep hot", Pouring.Kind.RESERVE, Pouring.Kind.SEASONED),
                kept("water", "Water to keep hot", Pouring.Kind.WATER),
                lowSalt,
                run.minutes(),
                run.doses().stream().map(this::dose).toList(),
                run.dips());
    }

    private Figure lowest() {
        String id = run.plan().side();
        double celsius = run.lowestC();
        int minute = Math.floorDiv(run.lowestSecond(), 60);
        String when = minute < 0 ? "before sitting down" : "minute " + minute;
        return ledger.figure("evening.lowest." + id, celsius, "°C", text.celsius(celsius))
                .by(
                        run.plan().brothName() + ": the coolest moment",
                        "Heat in, losses, steam and what the food draws, second by second",
                        GIVEN,
                        () -> List.of(
                                Term.of("at the coolest", celsius, "°C", text.celsius(celsius), when, Mark.COMPUTED),
                                Term.of("never under", run.plan().floor())));
    }

    private Figure level() {
        Flows flows = run.flows();
        return ledger.figure("evening.level." + run.plan().side(), run.ml(), "ml", text.millilitres(run.ml()))
                .by(
                        run.plan().brothName() + " at the finish",
                        "What was there, what was poured in, what left",
                        SUM,
                        () -> List.of(
                                Term.of("at the start", run.plan().fill()),
                                flow("water poured in", flows.poured(Pouring.Kind.WATER), "", Mark.COMPUTED),
                                flow(
                                        "reserve poured in",
                                        flows.poured(Pouring.Kind.RESERVE) + flows.poured(Pouring.Kind.SEASONED),
                                        "",
                                        Mark.COMPUTED),
                                flow("juice of leaves", flows.given(), "15 % of their weight", Mark.MEMORY),
                                flow("boiled off", -flows.evaporated(), "steam, as hard as the pot boils", Mark.MEMORY),
                                flow("ladled as soup", -flows.ladled(), "100 ml a guest and hour", Mark.MEMORY),
                                flow("taken up by noodles", -flows.takenUp(), "as they swell", Mark.MEMORY),
                                flow("clinging to what is taken out", -flows.clung(), "0.08 ml/g", Mark.MEMORY)));
    }

    private Term flow(String label, double ml, String source, Mark mark) {
        String shown = (ml < 0 ? "−" : "") + text.millilitres(Math.abs(ml));
        return Term.of(label, ml, "ml", shown, source, mark);
    }

    private Figure salt(Figure level) {
        double percent = run.percent();
        return ledger.figure("evening.salt." + run.plan().side(), percent, "%", KitchenText.number(percent, 2) + " %")
                .by(
                        run.plan().brothName() + ": salt at the finish",
                        "Salt in it / broth; steam leaves its salt behind, soup takes it along",
                        SHARE,
                        () -> List.of(
                                Term.of(
                                        "salt in it",
                                        run.saltG(),
                                        "g",
                                        KitchenText.number(run.saltG(), 1) + " g",
                                        KitchenText.number(run.startPercent(), 2) + " % at the start, "
                                                + KitchenText.number(run.flows().saltStirredG(), 1) + " g stirred in",
                                        Mark.COMPUTED),
                                Term.of("in a hundred", PERCENT, "1", "100", "", Mark.COMPUTED),
                                Term.of("broth at the finish", level)));
    }

    /** All doses of some kinds and a spare one; none where the host forbids the kind. */
    private Figure kept(String part, String title, Pouring.Kind... kinds) {
        Set<Pouring.Kind> wanted = Set.of(kinds);
        List<SideRun.Poured> own = run.doses().stream()
                .filter(dose -> dose.pouring().ml() > 0
                        && wanted.contains(dose.pouring().kind()))
                .toList();
        TopUp barred = wanted.contains(Pouring.Kind.WATER) ? TopUp.STOCK : TopUp.WATER;
        double spare = run.rule().policy() == barred ? 0 : run.rule().doseMl();
        double ml = own.stream().mapToDouble(dose -> dose.pouring().ml()).sum() + spare;
        return ledger.figure("evening." + part + "." + run.plan().side(), ml, "ml", text.millilitres(ml))
                .by(
                        title + " for " + run.plan().brothName(),
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
        Pouring pouring = poured.pouring();
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
