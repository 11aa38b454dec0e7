package org.livelyladle.core.pace;

import static org.livelyladle.core.measure.Operation.DIFFERENCE;
import static org.livelyladle.core.measure.Operation.LONGEST_GAP;
import static org.livelyladle.core.measure.Operation.MAXIMUM;
import static org.livelyladle.core.measure.Operation.MINIMUM;
import static org.livelyladle.core.measure.Operation.QUOTIENT;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.evening.Evening;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Operation;
import org.livelyladle.core.measure.Term;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** How the sequence feels: first bites, waits, what minders do and how busy they are, and what it scores. */
public final class PaceFigures {
    /** Once so much is eaten [1] nobody waits any more. */
    private static final double NEARLY_ALL = 0.9;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Windows windows;
    private final Ledger ledger;
    private final int mealSeconds;

    public PaceFigures(Brief brief, Catalogue catalogue, Windows windows, Ledger ledger) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.windows = windows;
        this.ledger = ledger;
        this.mealSeconds = brief.mealMinutes() * 60;
    }

    /**
     * @param evening as foreseen from the sequence: what is poured and how the heat is set are cues too
     * @param audit of the sequence
     */
    public TablePlan plan(Sequence sequence, Evening evening, List<Violation> audit) {
        List<TablePlan.GuestPace> paces = paces(sequence);
        List<Cue> cues = new CueWriter(brief, catalogue, sequence).write(evening.pots());
        Busy busy = Busy.of(brief, cues);
        return new TablePlan(
                mealSeconds,
                most(
                        "table.first",
                        "Everybody eats by",
                        "The latest first bite, from sitting down or arriving",
                        paces,
                        true),
                most("table.wait", "Longest wait", "The longest wait of any guest", paces, false),
                cuesPerMinute(busy),
                mostCues(busy),
                sequence.drops(),
                cues,
                new DonenessFinder(brief, catalogue, windows).find(sequence.drops()),
                paces,
                sequence.sides(),
                sequence.remainders(),
                sequence.beatenPins(),
                sequence.courses(),
                sequence.beside(),
                sequence.ending(),
                sequence.soupRounds(),
                sequence.reasons(),
                new Scores(brief, sequence, paces, busy).terms(),
                audit,
                Now.notStarted());
    }

    /** What any sequence scores, as far as its drops tell: without what is poured, and how the heat is set. */
    public List<ScoreTerm> score(Sequence sequence) {
        List<Cue> cues = new CueWriter(brief, catalogue, sequence).write(List.of());
        return new Scores(brief, sequence, paces(sequence), Busy.of(brief, cues)).terms();
    }

    private List<TablePlan.GuestPace> paces(Sequence sequence) {
        return brief.guests().stream()
                .map(guest -> pace(guest, sequence.drops(), sequence.sidesOpenTo(guest.id())))
                .toList();
    }

    private TablePlan.GuestPace pace(Guest guest, List<Drop> drops, List<String> sides) {
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
        List<TablePlan.Wait> waits = waits(guest, arrival, bites.isEmpty() ? end : arrival, bites);
        List<Term> ends = new ArrayList<>();
        for (TablePlan.Wait wait : waits) {
            ends.add(moment(wait.from() == arrival ? "arrives" : "the bowl is empty", wait.from()));
            ends.add(moment(bites.isEmpty() ? endLabel : "a bite", wait.to()));
        }
        double wait =
                Operation.LONGEST_GAP.evaluate(ends.stream().map(Term::value).toList());
        Figure longest = seconds("wait." + guest.id(), wait)
                .by(
                        guest.name() + "'s longest wait",
                        "From when the bowl is empty to the next bite, until nine tenths are eaten; a bowl empties by "
                                + Math.round(guest.eatsGramsPerSecond() * 60) + " g a minute",
                        LONGEST_GAP,
                        () -> ends);
        return new TablePlan.GuestPace(guest.id(), firstBite, longest, sides, bites, waits);
    }

    /** With nothing in the bowl, up to the bite with which nine tenths are eaten: a wait after it is no wait. */
    private static List<TablePlan.Wait> waits(Guest guest, int arrival, int end, List<TablePlan.Bite> bites) {
        double all = bites.stream().mapToDouble(TablePlan.Bite::grams).sum();
        List<TablePlan.Wait> waits = new ArrayList<>();
        double eaten = 0;
        double emptyAt = arrival;
        for (TablePlan.Bite bite : bites) {
            if (eaten < NEARLY_ALL * all && bite.at() > emptyAt) {
                waits.add(new TablePlan.Wait((int) Math.round(emptyAt), bite.at()));
            }
            eaten += bite.grams();
            emptyAt = Math.max(emptyAt, bite.at()) + bite.grams() / guest.eatsGramsPerSecond();
        }
        if (end > arrival) {
            waits.add(new TablePlan.Wait(arrival, end));
        }
        return waits;
    }

    private static List<TablePlan.Bite> bites(String guest, List<Drop> drops) {
        List<TablePlan.Bite> bites = new ArrayList<>();
        for (Drop drop : drops) {
            for (Stay stay : drop.inBroth()) {
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

    private Figure cuesPerMinute(Busy busy) {
        double minutes = mealSeconds / 60.0;
        double rate = busy.cues() / minutes;
        return ledger.figure("table.cues", rate, "1/min", KitchenText.number(rate, 1) + "/min")
                .by(
                        "Cues",
                        "What the busiest minder does / minutes; what is done at one pot within 20 s is one; what guests dip and fish out themselves, and what goes in before, does not count",
                        QUOTIENT,
                        () -> List.of(
                                Term.of(
                                        "cues of " + busy.name(),
                                        busy.cues(),
                                        "1",
                                        String.valueOf(busy.cues()),
                                        "",
                                        Mark.COMPUTED),
                                Term.of("meal", minutes, "min", KitchenText.minutes(minutes), "your meal", Mark.HOST)));
    }

    private Figure mostCues(Busy busy) {
        return ledger.figure("table.mostcues", busy.most(), "1", String.valueOf(busy.most()))
                .by(
                        "Most cues in two minutes",
                        "The most that the busiest minder does in any two minutes",
                        MAXIMUM,
                        () -> List.of(Term.of(
                                "cues of " + busy.name(),
                                busy.most(),
                                "1",
                                busy.most() + " from " + KitchenText.seconds(busy.mostAt()) + " on",
                                "sequence",
                                Mark.COMPUTED)));
    }

    private Ledger.Draft seconds(String id, double seconds) {
        return ledger.figure(id, seconds, "s", KitchenText.seconds(seconds));
    }

    private static Term moment(String label, double second) {
        return Term.of(
                label, second, "s", KitchenText.seconds(second) + " after sitting down", "sequence", Mark.COMPUTED);
    }
}
