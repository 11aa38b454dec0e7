package org.livelyladle.core.plan;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.livelyladle.core.advice.CautionFinder;
import org.livelyladle.core.advice.LateAdvisor;
import org.livelyladle.core.advice.LateRemedy;
import org.livelyladle.core.advice.MenuAdvisor;
import org.livelyladle.core.advice.RemedyTrial;
import org.livelyladle.core.advice.Substitutes;
import org.livelyladle.core.advice.TradeAdvisor;
import org.livelyladle.core.advice.UnmetFinder;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.broths.BrothPlanner;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.equipment.EquipmentPlanner;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.extras.Extras;
import org.livelyladle.core.extras.ExtrasPlanner;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepInputs;
import org.livelyladle.core.prep.PrepPlanner;
import org.livelyladle.core.purchases.PurchasePlanner;
import org.livelyladle.core.purchases.Purchases;
import org.livelyladle.core.rehearsal.Scene;
import org.livelyladle.core.running.Resume;
import org.livelyladle.core.sauces.SaucePlanner;
import org.livelyladle.core.sauces.Sauces;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.sides.SideNames;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** {@code plan = f(brief, catalogue, facts, asOf)}: the pipeline, pure and deterministic. */
public final class Planner {
    private static final int MOST_DROPS = 1000;
    /** While a table runs its brief stays the same; so many tables run at once, each going on from so many moments. */
    private static final int RECENT_BRIEFS = 12;

    private static final int RECENT_MOMENTS = 200;

    private final Catalogue builtIn;
    private final WindowModel model = new WindowModel();
    private final Recent<Brief, Based> recent = new Recent<>(RECENT_BRIEFS);
    private final Recent<LiveTable.Resumed, Resume.Rest> resumed = new Recent<>(RECENT_MOMENTS);

    /** What follows from a brief alone. */
    private record Based(Stages stages, Foresight foresight) {}

    public Planner(Catalogue catalogue) {
        this.builtIn = requireNonNull(catalogue, "catalogue");
    }

    /**
     * @param said what the host said; needs guests said themselves come on top
     * @param asOf the moment the plan is looked at, against which prices are judged old and prep late
     * @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue
     */
    public Planned plan(Brief said, Facts facts, Instant asOf) {
        requireNonNull(facts, "facts");
        requireNonNull(asOf, "asOf");
        Brief brief = facts.knownOf(requireNonNull(said, "brief"), asOf);
        Based based = based(brief);
        Stages stages = based.stages();
        Catalogue catalogue = stages.catalogue();
        LocalDateTime now = LocalDateTime.ofInstant(asOf, brief.zoneId());
        Ledger ledger = new Ledger();
        ledger.absorb(stages.ledger());
        KitchenText text = stages.text();
        Windows windows = stages.windows();
        Portions portions = stages.portions();
        LiveTable.Seen seen = new LiveTable(stages, based.foresight(), resumed).at(asOf, facts.table(), ledger);
        Evening evening = seen.foresight().evening();
        TablePlan table = hearing(seen.table(), facts, asOf);
        // what is bought, prepared and asked for does not change because somebody at the table is full
        TablePlan planned =
                seen.isRunning() ? stages.table(based.foresight(), TableState.empty(), new Ledger()) : table;
        Broths broths = new BrothPlanner(brief, catalogue, ledger, text).plan(stages.sides(), evening.reserves());
        Sauces sauces = new SaucePlanner(brief, catalogue, ledger, text).plan(portions);
        Extras extras = new ExtrasPlanner(brief, catalogue, ledger, text).plan(portions);
        Purchases purchases = new PurchasePlanner(brief, catalogue, facts, now, ledger, text)
                .plan(portions, broths, sauces, extras, planned.ending());
        PrepInputs inputs =
                new PrepInputs(portions, broths, sauces, extras, purchases, planned.ending(), planned.preloads());
        Prep prep = new PrepPlanner(brief, catalogue, facts, asOf, inputs, ledger).plan();
        List<LateRemedy> late =
                new LateAdvisor(brief, catalogue, facts, asOf, text, windows, planned, evening, inputs, prep).advise();
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
                new CautionFinder(brief, catalogue, portions, planned, LocalDate.ofInstant(asOf, brief.zoneId()))
                        .find(),
                new UnmetFinder(
                                brief,
                                catalogue,
                                text,
                                portions,
                                planned,
                                evening,
                                sauces,
                                purchases,
                                prep,
                                late,
                                new Substitutes(brief, catalogue, facts, portions),
                                now,
                                new RemedyTrial(brief, this::quickTable))
                        .find(),
                Stream.concat(
                                new MenuAdvisor(brief, catalogue, text, portions, purchases).suggest().stream(),
                                new TradeAdvisor(
                                                brief,
                                                catalogue,
                                                facts,
                                                now,
                                                text,
                                                windows,
                                                portions,
                                                broths,
                                                sauces,
                                                extras,
                                                purchases,
                                                planned.ending())
                                        .suggest().stream())
                        .toList(),
                OwnFood.of(brief, catalogue));
        return new Planned(plan, ledger);
    }

    /**
     * Only the table, as it is in the {@link #plan plan} of the same moment.
     *
     * @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue
     */
    public TablePlan table(Brief brief, Facts facts, Instant asOf) {
        Based based = based(facts.knownOf(requireNonNull(brief, "brief"), asOf));
        TablePlan table = new LiveTable(based.stages(), based.foresight(), resumed)
                .at(asOf, facts.table(), new Ledger())
                .table();
        return hearing(table, facts, asOf);
    }

    private static TablePlan hearing(TablePlan table, Facts facts, Instant asOf) {
        return table.at(table.now().hearing(facts.saidNeeds(asOf)));
    }

    /**
     * The table of a brief as it is to be rehearsed, before anything has happened.
     *
     * @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue
     */
    public Scene scene(Brief brief) {
        Based based = based(requireNonNull(brief, "brief"));
        Stages stages = based.stages();
        Evening evening = based.foresight().evening();
        long gas = brief.pots().stream()
                .filter(pot -> pot.heat().kind() == HeatSource.Kind.BUTANE)
                .count();
        int spare = evening.cartridges() == null
                ? 0
                : (int) Math.max(0, Math.round(evening.cartridges().value()) - gas);
        return new Scene(
                brief,
                stages.catalogue(),
                stages.windows().all(),
                stages.table(based.foresight(), TableState.empty(), new Ledger()),
                SideNames.of(brief, stages.sides().all()),
                evening.pots().stream()
                        .flatMap(pot -> pot.sides().stream())
                        .flatMap(side -> side.doses().stream()
                                .filter(dose -> dose.ml() > 0)
                                .map(dose -> new Scene.Dose(side.side(), dose.minute() * 60, dose.ml())))
                        .toList(),
                spare);
    }

    private Based based(Brief brief) {
        return recent.get(brief, () -> {
            Stages stages = Stages.checked(brief, builtIn, model);
            boolean isPinned = !brief.decisions().drops().isEmpty();
            return new Based(
                    stages,
                    isPinned
                            ? stages.foreseePinned(
                                    based(brief.withoutPinnedDrops()).foresight())
                            : stages.foresee(Care.FULL));
        });
    }

    /** Who gets how much of what, and nothing else. */
    public Portions portions(Brief brief) {
        return new PortionPlanner(
                        brief, brief.extend(builtIn), new Ledger(), new KitchenText(brief.units(), brief.currency()))
                .plan();
    }

    /**
     * Judges any drops for a brief by the hard rules of the table, from scratch, and scores them.
     *
     * @throws org.livelyladle.core.check.InvalidInputException for a cut, side or guest that the brief does not have
     */
    public Judged audit(Brief brief, List<Drop> drops) {
        Stages stages = Stages.checked(requireNonNull(brief, "brief"), builtIn, model);
        List<Drop> judged = Check.distinct(drops, "drops", MOST_DROPS, Drop::id);
        known(brief, judged, "drops");
        return stages.judge(judged);
    }

    /**
     * The table from a later moment on: what happened stays, the rest goes on from there.
     *
     * @throws org.livelyladle.core.check.InvalidInputException for a cut, side, guest or ingredient that there is none of
     */
    public TablePlan sequence(Brief brief, TableState state) {
        Catalogue catalogue = requireNonNull(brief, "brief").extend(builtIn);
        BriefCheck.check(brief, catalogue);
        known(brief, state.begun(), "state.begun");
        List<String> cuts = brief.menu().stream().map(MenuItem::cut).toList();
        List<String> sides = brief.sides().stream().map(Side::id).toList();
        List<String> guests = brief.guests().stream().map(Guest::id).toList();
        state.fellIn().forEach(fallen -> {
            Check.known(fallen.side(), sides, "state.fellIn.side", "a side of the brief");
            if (catalogue.findIngredient(fallen.ingredient()).isEmpty()) {
                throw new InvalidInputException(
                        "state.fellIn.ingredient", fallen.ingredient(), "an ingredient of the catalogue");
            }
        });
        state.guests()
                .forEach(present -> Check.known(present.guest(), guests, "state.guests.guest", "a guest of the brief"));
        state.usedUp().forEach(cut -> Check.known(cut, cuts, "state.usedUp", "a cut of the menu"));
        Based based = based(brief);
        return based.stages().table(based.foresight(), state);
    }

    /** Whether there is all that drops are about. */
    private static void known(Brief brief, List<Drop> drops, String list) {
        List<String> cuts = brief.menu().stream().map(MenuItem::cut).toList();
        List<String> sides = brief.sides().stream().map(Side::id).toList();
        List<String> guests = brief.guests().stream().map(Guest::id).toList();
        for (int i = 0; i < drops.size(); i++) {
            Drop drop = drops.get(i);
            String field = list + "[" + i + "].";
            Check.known(drop.cut(), cuts, field + "cut", "a cut of the menu");
            Check.known(drop.side(), sides, field + "side", "a side of the brief");
            Check.known(drop.homeSide(), sides, field + "homeSide", "a side of the brief");
            for (String guest : drop.gramsByGuest().keySet()) {
                Check.known(guest, guests, field + "stays.servings.guest", "a guest of the brief");
            }
            String minder = drop.minder();
            if (!drop.shared() && minder != null) {
                Check.known(minder, guests, field + "minder", "a guest of the brief");
            }
        }
    }

    /** Only the table of a brief, good enough to see who is fed, without what follows from it. */
    private Sequence quickTable(Brief brief) {
        return Stages.of(brief, builtIn, model).foresee(Care.QUICK).table();
    }
}
