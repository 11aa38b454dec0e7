package org.livelyladle.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.livelyladle.core.audit.TableAudit;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Emphasis;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.cooking.WindowPlanner;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.pace.PaceFigures;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.portions.Portions;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.sequence.SideLimits;
import org.livelyladle.core.sides.SidePlanner;
import org.livelyladle.core.sides.Sides;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** The stages up to the table, each of which can be gone through again from what went before. */
record Stages(
        Brief brief,
        Catalogue catalogue,
        Ledger ledger,
        KitchenText text,
        Windows windows,
        Portions portions,
        Sides sides) {

    /** @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue */
    static Stages checked(Brief brief, Catalogue builtIn, WindowModel model) {
        BriefCheck.check(brief, brief.extend(builtIn));
        return of(brief, builtIn, model);
    }

    /** Of a brief that is known to fit. */
    static Stages of(Brief brief, Catalogue builtIn, WindowModel model) {
        Catalogue catalogue = brief.extend(builtIn);
        Ledger ledger = new Ledger();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = new WindowPlanner(brief, catalogue, model, ledger, text).plan();
        return new Stages(
                brief,
                catalogue,
                ledger,
                text,
                windows,
                new PortionPlanner(brief, catalogue, ledger, text).plan(),
                new SidePlanner(brief, catalogue, ledger, text).plan());
    }

    /** The table with what is pinned, from what it is without. */
    Foresight foreseePinned(Foresight free) {
        return Foresight.of(brief, catalogue, portions, sides, windows, free, Care.FULL, text);
    }

    /** What is wanted above all is never worse than it would be if nothing was. */
    Foresight foresee(Care care) {
        Foresight own = foresee(brief, care);
        if (care != Care.FULL || brief.emphasis() == Emphasis.BALANCED) {
            return own;
        }
        Foresight balanced = foresee(brief.emphasising(Emphasis.BALANCED), care);
        return reached(balanced) < reached(own) ? balanced : own;
    }

    private Foresight foresee(Brief as, Care care) {
        return Foresight.of(as, catalogue, portions, sides, windows, null, care, text);
    }

    /** What is wanted above all: waits, or things to do; less is better. */
    private double reached(Foresight foresight) {
        TablePlan table = new PaceFigures(brief, catalogue, windows, new Ledger())
                .plan(foresight.table(), foresight.evening(), List.of());
        return (brief.emphasis() == Emphasis.CALM ? table.cuesPerMinute() : table.longestWait()).value();
    }

    /** Sides that are under their floor at a later moment. */
    Map<String, Cooled> cooled(TableState state) {
        return Foresight.cooled(state.turnedOut(brief), catalogue, sides, state, text);
    }

    /**
     * From a later moment on.
     *
     * @param base whose limits hold
     * @param cooled sides that are under their floor: nothing raw goes in until they simmer again
     * @param before what was to come until then, knowing of these pauses [s]
     */
    Foresight goOn(
            Foresight base,
            Map<String, Cooled> cooled,
            Sequence before,
            int pausedBefore,
            TableState state,
            Care care) {
        return Foresight.of(
                state.turnedOut(brief),
                catalogue,
                portions,
                sides,
                windows,
                before,
                pausedBefore,
                base.limits().waiting(waits(cooled)),
                state,
                care,
                text);
    }

    private Map<String, SideLimits.Wait> waits(Map<String, Cooled> cooled) {
        return cooled.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        side -> new SideLimits.Wait(
                                side.getValue().until(),
                                "the side is at " + text.celsius(side.getValue().celsius()))));
    }

    /** What was to come still holds at a later moment; nothing where a rule stands against it by now. */
    Optional<Foresight> asItStands(Foresight base, Sequence before, TableState state) {
        Brief now = state.turnedOut(brief);
        return Foresight.asItStands(now, catalogue, sides, before, base.limits(), state, text)
                .filter(standing -> audit(now, standing.table(), state).isEmpty());
    }

    /** @param own takes the figures of the table */
    TablePlan table(Foresight foresight, TableState state, Ledger own) {
        Brief now = state.isEmpty() ? brief : state.turnedOut(brief);
        return new PaceFigures(now, catalogue, windows, own)
                .plan(foresight.table(), foresight.evening(), audit(now, foresight.table(), state));
    }

    /** The table from a later moment on, of what was foreseen; its figures are kept apart from those of the plan. */
    TablePlan table(Foresight base, TableState state) {
        return state.isEmpty()
                ? table(base, state, new Ledger())
                : table(goOn(base, cooled(state), base.table(), 0, state, Care.FULL), state, new Ledger());
    }

    private List<Violation> audit(Brief as, Sequence sequence, TableState state) {
        return TableAudit.check(
                as,
                catalogue,
                windows.all(),
                portions.lines(),
                sequence.drops(),
                sequence.remainders(),
                sequence.ending(),
                sequence.soupRounds(),
                state);
    }

    /** Judges any drops, and scores them. */
    Judged judge(List<Drop> drops) {
        List<ScoreTerm> score =
                new PaceFigures(brief, catalogue, windows, ledger).score(Sequence.of(brief.mealMinutes() * 60, drops));
        return new Judged(
                TableAudit.check(brief, catalogue, windows.all(), portions.lines(), drops, List.of(), null), score);
    }
}
