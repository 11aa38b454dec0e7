package org.livelyladle.core.plan;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.BrothPlanner;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.broths.SidePlanner;
import org.livelyladle.core.broths.Sides;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.cooking.WindowPlanner;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.equipment.EquipmentPlanner;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.extras.ExtrasPlanner;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.pace.PaceFigures;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepInputs;
import org.livelyladle.core.prep.PrepPlanner;
import org.livelyladle.core.purchases.PurchasePlanner;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.sauces.SaucePlanner;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;

/** {@code plan = f(brief, catalogue, facts, asOf)}: the pipeline, pure and deterministic. */
public final class Planner {
    private static final int MOST_DROPS = 1000;

    private final Catalogue builtIn;
    private final WindowModel model = new WindowModel();

    public Planner(Catalogue catalogue) {
        this.builtIn = requireNonNull(catalogue, "catalogue");
    }

    /**
     * @param asOf the moment the plan is looked at, against which prices are judged old and prep late
     * @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue
     */
    public Planned plan(Brief brief, Facts facts, Instant asOf) {
        requireNonNull(facts, "facts");
        requireNonNull(asOf, "asOf");
        Catalogue catalogue = requireNonNull(brief, "brief").extend(builtIn);
        BriefCheck.check(brief, catalogue);
        Ledger ledger = new Ledger();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = new WindowPlanner(brief, catalogue, model, ledger, text).plan();
        Portions portions = new PortionPlanner(brief, catalogue, windows, ledger, text).plan();
        Sides sides = new SidePlanner(brief, catalogue, ledger, text).plan();
        Foresight foresight = Foresight.of(brief, catalogue, portions, sides, windows, Care.FULL, ledger, text);
        Evening evening = foresight.evening();
        TablePlan table = new PaceFigures(brief, catalogue, windows, ledger)
                .plan(
                        foresight.table(),
                        evening,
                        TableAudit.check(
                                brief,
                                catalogue,
                                windows.all(),
                                portions.lines(),
                                foresight.table().drops(),
                                foresight.table().remainders(),
                                foresight.table().ending()));
        Broths broths = new BrothPlanner(brief, catalogue, ledger, text).plan(sides, evening.reserves());
        Sauces sauces = new SaucePlanner(brief, catalogue, ledger, text).plan(portions);
        Extras extras = new ExtrasPlanner(brief, catalogue, ledger, text).plan(portions);
        Purchases purchases = new PurchasePlanner(brief, catalogue, facts, ledger, text)
                .plan(portions, broths, sauces, extras, table.ending());
        PrepInputs inputs = new PrepInputs(portions, broths, sauces, extras, purchases, table.ending());
        Prep prep = new PrepPlanner(brief, catalogue, facts, asOf, inputs, ledger).plan();
        List<LateRemedy> late =
                new LateAdvisor(brief, catalogue, facts, asOf, text, windows, table, evening, inputs, prep).advise();
        Plan plan = new Plan(
                portions,
                broths,
                windows.all(),
                table,
                evening,
                sauces,
                extras,
                purchases,
                prep,
                late,
                new EquipmentPlanner(brief, catalogue, ledger).plan(portions, evening, sauces, extras),
                new CautionFinder(brief, catalogue, portions, table, LocalDate.ofInstant(asOf, brief.zoneId())).find(),
                new UnmetFinder(
                                brief,
                                catalogue,
                                text,
                                portions,
                                table,
                                evening,
                                sauces,
                                purchases,
                                prep,
                                late,
                                new Substitutes(brief, catalogue, facts, portions),
                                LocalDateTime.ofInstant(asOf, brief.zoneId()),
                                new RemedyTrial(brief, this::table))
                        .find(),
                Stream.concat(
                                new MenuAdvisor(brief, catalogue, text, portions, purchases).suggest().stream(),
                                new TradeAdvisor(
                                                brief,
                                                catalogue,
                                                facts,
                                                text,
                                                windows,
                                                portions,
                                                broths,
                                                sauces,
                                                extras,
                                                purchases,
                                                table.ending())
                                        .suggest().stream())
                        .toList(),
                OwnFood.of(brief, catalogue));
        return new Planned(plan, ledger);
    }

    /**
     * Judges any drops for a brief by the hard rules of the table, from scratch, and scores them.
     *
     * @throws org.livelyladle.core.check.InvalidInputException for a cut, side or guest that the brief does not have
     */
    public Judged audit(Brief brief, List<Drop> drops) {
        Catalogue catalogue = requireNonNull(brief, "brief").extend(builtIn);
        BriefCheck.check(brief, catalogue);
        List<Drop> judged = Check.distinct(drops, "drops", MOST_DROPS, Drop::id);
        List<String> cuts = brief.menu().stream().map(MenuItem::cut).toList();
        List<String> sides = brief.sides().stream().map(Side::id).toList();
        List<String> guests = brief.guests().stream().map(Guest::id).toList();
        for (int i = 0; i < judged.size(); i++) {
            String field = "drops[" + i + "].";
            Check.known(judged.get(i).cut(), cuts, field + "cut", "a cut of the menu");
            Check.known(judged.get(i).side(), sides, field + "side", "a side of the brief");
            for (String guest : judged.get(i).gramsByGuest().keySet()) {
                Check.known(guest, guests, field + "stays.servings.guest", "a guest of the brief");
            }
            String minder = judged.get(i).minder();
            if (!judged.get(i).shared() && minder != null) {
                Check.known(minder, guests, field + "minder", "a guest of the brief");
            }
        }
        Ledger ledger = new Ledger();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = new WindowPlanner(brief, catalogue, model, ledger, text).plan();
        Portions portions = new PortionPlanner(brief, catalogue, windows, ledger, text).plan();
        return new Judged(
                TableAudit.check(brief, catalogue, windows.all(), portions.lines(), judged, List.of(), null),
                new PaceFigures(brief, catalogue, windows, ledger)
                        .score(Sequence.of(brief.mealMinutes() * 60, judged)));
    }

    /** Only the table of a brief, good enough to see who is fed, without what follows from it. */
    private Sequence table(Brief brief) {
        Catalogue catalogue = brief.extend(builtIn);
        Ledger ledger = new Ledger();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = new WindowPlanner(brief, catalogue, model, ledger, text).plan();
        Portions portions = new PortionPlanner(brief, catalogue, windows, ledger, text).plan();
        Sides sides = new SidePlanner(brief, catalogue, ledger, text).plan();
        return Foresight.of(brief, catalogue, portions, sides, windows, Care.QUICK, ledger, text)
                .table();
    }
}
