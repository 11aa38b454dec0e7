package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.sequence.Aims;
import org.livelyladle.core.sequence.EatenShare;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** What a table comes to, aim by aim. */
final class Scores {
    private static final double MINUTE = 60;
    private static final double PERCENT = 100;
    /** To spare on both sides of a take-out that somebody else minds. */
    private static final double SLACK_S = 20;

    private final Brief brief;
    private final Aims aims;
    private final Sequence sequence;
    private final List<TablePlan.GuestPace> paces;
    private final Busy busy;

    Scores(Brief brief, Sequence sequence, List<TablePlan.GuestPace> paces, Busy busy) {
        this.brief = brief;
        this.aims = Aims.of(brief);
        this.sequence = sequence;
        this.paces = paces.stream().filter(pace -> !pace.bites().isEmpty()).toList();
        this.busy = busy;
    }

    List<ScoreTerm> terms() {
        double minutes = sequence.mealSeconds() / MINUTE;
        List<ScoreTerm> terms = new ArrayList<>();
        terms.add(seconds(
                ScoreTerm.Kind.FIRST_BITE,
                paces.stream()
                        .mapToDouble(pace -> pace.firstBite().value())
                        .max()
                        .orElse(0),
                "the last first bite"));
        terms.add(seconds(
                ScoreTerm.Kind.LONGEST_WAIT,
                paces.stream()
                        .mapToDouble(pace -> pace.longestWait().value())
                        .max()
                        .orElse(0),
                "the longest wait"));
        double tempo = paces.stream().mapToDouble(this::unevenness).average().orElse(0);
        terms.add(term(
                ScoreTerm.Kind.TEMPO,
                tempo,
                "%",
                KitchenText.number(tempo, 1) + " % of the food eaten sooner or later than people are hungry"));
        double bowl = paces.stream().mapToDouble(this::fullestBowl).max().orElse(0);
        terms.add(term(ScoreTerm.Kind.BOWL, bowl, "g", KitchenText.number(bowl, 0) + " g wait in the fullest bowl"));
        if (!sequence.reasons().isEmpty()) {
            terms.add(minutes(ScoreTerm.Kind.ORDER, order(), "from its place in the courses"));
        }
        if (brief.menu().stream().anyMatch(item -> item.with() != null)) {
            terms.add(minutes(ScoreTerm.Kind.TIES, ties(), "between what is eaten together"));
        }
        double rate = busy.cues() / minutes;
        terms.add(term(
                ScoreTerm.Kind.CUES,
                rate,
                "1/min",
                busy.name() + ": " + busy.cues() + " cues in " + KitchenText.minutes(minutes)));
        terms.add(term(
                ScoreTerm.Kind.RUSH,
                busy.most(),
                "1",
                busy.name() + ": " + busy.most() + " cues in the busiest two minutes"));
        terms.add(seconds(
                ScoreTerm.Kind.FAIRNESS,
                spread(),
                "between the longest waits of the luckiest and the unluckiest guest"));
        double missing = missingSlack();
        terms.add(term(
                ScoreTerm.Kind.SLACK,
                missing,
                "s",
                missing == 0
                        ? "20 s to spare on both sides at every take-out"
                        : KitchenText.seconds(SLACK_S - missing) + " to spare at the tightest take-out"));
        return terms;
    }

    private ScoreTerm term(ScoreTerm.Kind kind, double value, String unit, String text) {
        Aims.Aim aim = aims.of(kind);
        return new ScoreTerm(kind, value, unit, aim.most(), aim.weight(), text);
    }

    private ScoreTerm seconds(ScoreTerm.Kind kind, double value, String what) {
        return term(kind, value, "s", KitchenText.seconds(value) + ", " + what);
    }

    private ScoreTerm minutes(ScoreTerm.Kind kind, double value, String what) {
        return term(kind, value, "min", KitchenText.number(value, 1) + " min " + what);
    }

    private Guest guest(TablePlan.GuestPace pace) {
        return brief.guest(pace.guest()).orElseThrow();
    }

    /** Mean distance of what is eaten from what should be by then, over the guest's food [%]. */
    private double unevenness(TablePlan.GuestPace pace) {
        int from = guest(pace).arrivesAfterMinutes() * 60;
        int until = Math.max(from + 1, guest(pace).leavesWithin(brief.mealMinutes()) * 60);
        double all = pace.bites().stream().mapToDouble(TablePlan.Bite::grams).sum();
        EatenShare tempo = EatenShare.of(brief.tempo());
        double eaten = 0;
        double away = 0;
        for (TablePlan.Bite bite : pace.bites()) {
            double aimed = tempo.eatenBy((bite.at() - from) / (double) (until - from));
            away += bite.grams() * Math.abs((eaten + bite.grams() / 2) / all - aimed);
            eaten += bite.grams();
        }
        return away / all * PERCENT;
    }

    /** The most that lies in a bowl at once, eaten as fast as somebody eats [g]. */
    private double fullestBowl(TablePlan.GuestPace pace) {
        double perSecond = guest(pace).eatsGramsPerSecond();
        double bowl = 0;
        double most = 0;
        int last = 0;
        for (TablePlan.Bite bite : pace.bites()) {
            bowl = Math.max(0, bowl - (bite.at() - last) * perSecond) + bite.grams();
            most = Math.max(most, bowl);
            last = bite.at();
        }
        return most;
    }

    private double order() {
        return sequence.reasons().stream()
                .mapToDouble(Sequence.Reason::minutesFromPlace)
                .average()
                .orElse(0);
    }

    /** From each bite of what is eaten together with something to the nearest bite of that, on average [min]. */
    private double ties() {
        Map<String, String> partners = new HashMap<>();
        for (MenuItem item : brief.menu()) {
            if (item.with() != null) {
                partners.put(item.cut(), item.with());
            }
        }
        return paces.stream()
                .flatMap(pace -> partners.entrySet().stream()
                        .flatMap(tie -> distances(bites(pace, tie.getKey()), bites(pace, tie.getValue()))))
                .mapToDouble(seconds -> seconds / MINUTE)
                .average()
                .orElse(0);
    }

    private static Stream<Integer> distances(List<Integer> bites, List<Integer> others) {
        return others.isEmpty()
                ? Stream.of()
                : bites.stream()
                        .map(bite -> others.stream()
                                .mapToInt(other -> Math.abs(other - bite))
                                .min()
                                .orElseThrow());
    }

    private List<Integer> bites(TablePlan.GuestPace pace, String cut) {
        return sequence.drops().stream()
                .filter(drop -> drop.cut().equals(cut))
                .flatMap(drop -> drop.inBroth().stream())
                .filter(stay -> stay.servings().stream()
                        .anyMatch(serving -> serving.guest().equals(pace.guest())))
                .map(Stay::takeOut)
                .toList();
    }

    private double spread() {
        double most = paces.stream()
                .mapToDouble(pace -> pace.longestWait().value())
                .max()
                .orElse(0);
        double least = paces.stream()
                .mapToDouble(pace -> pace.longestWait().value())
                .min()
                .orElse(0);
        return most - least;
    }

    private double missingSlack() {
        double least = sequence.drops().stream()
                .filter(Drop::shared)
                .flatMap(drop -> drop.inBroth().stream())
                .mapToDouble(stay -> Math.min(stay.takeOut() - stay.ready(), stay.bestUntil() - stay.takeOut()))
                .min()
                .orElse(SLACK_S);
        return Math.max(0, SLACK_S - least);
    }
}
