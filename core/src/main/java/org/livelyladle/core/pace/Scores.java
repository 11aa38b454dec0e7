package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.sequence.EatenShare;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.ScoreTerm;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** What a table comes to, aim by aim. Aims are what hosts are content with, weights say which come first; from memory. */
final class Scores {
    private static final double MINUTE = 60;
    private static final double PERCENT = 100;
    private static final double FIRST_BITE_AIM_S = 180;
    private static final double WAIT_AIM_S = 240;
    /** Where all eat in rounds, which take turns with soup and talk; memory. */
    private static final double ROUNDS_WAIT_AIM_S = 720;

    private static final double ROUNDS_FIRST_BITE_AIM_S = 360;
    private static final double ROUNDS_BOWL_AIM_G = 180;
    private static final double TEMPO_AIM_PERCENT = 6;
    private static final double BOWL_AIM_G = 90;
    private static final double ORDER_AIM_MIN = 5;
    private static final double TIES_AIM_MIN = 2;
    private static final double CUES_AIM_PER_MIN = 0.5;
    private static final double RUSH_AIM = 3;
    private static final double FAIRNESS_AIM_S = 120;
    private static final double SLACK_AIM_S = 20;
    private final Brief brief;
    private final Sequence sequence;
    private final List<TablePlan.GuestPace> paces;
    private final Busy busy;

    Scores(Brief brief, Sequence sequence, List<TablePlan.GuestPace> paces, Busy busy) {
        this.brief = brief;
        this.sequence = sequence;
        this.paces = paces.stream().filter(pace -> !pace.bites().isEmpty()).toList();
        this.busy = busy;
    }

    List<ScoreTerm> terms() {
        boolean inRounds = !brief.pots().isEmpty()
                && brief.pots().stream().allMatch(pot -> pot.wayOrUsual() == WayOfEating.ROUNDS);
        double minutes = sequence.mealSeconds() / MINUTE;
        List<ScoreTerm> terms = new ArrayList<>();
        terms.add(seconds(
                ScoreTerm.Kind.FIRST_BITE,
                paces.stream()
                        .mapToDouble(pace -> pace.firstBite().value())
                        .max()
                        .orElse(0),
                inRounds ? ROUNDS_FIRST_BITE_AIM_S : FIRST_BITE_AIM_S,
                3,
                "the last first bite"));
        terms.add(seconds(
                ScoreTerm.Kind.LONGEST_WAIT,
                paces.stream()
                        .mapToDouble(pace -> pace.longestWait().value())
                        .max()
                        .orElse(0),
                inRounds ? ROUNDS_WAIT_AIM_S : WAIT_AIM_S,
                5,
                "the longest wait"));
        double tempo = paces.stream().mapToDouble(this::unevenness).average().orElse(0);
        terms.add(new ScoreTerm(
                ScoreTerm.Kind.TEMPO,
                tempo,
                "%",
                TEMPO_AIM_PERCENT,
                2,
                KitchenText.number(tempo, 1) + " % of the food eaten sooner or later than people are hungry"));
        double bowl = paces.stream().mapToDouble(this::fullestBowl).max().orElse(0);
        terms.add(new ScoreTerm(
                ScoreTerm.Kind.BOWL,
                bowl,
                "g",
                inRounds ? ROUNDS_BOWL_AIM_G : BOWL_AIM_G,
                1,
                KitchenText.number(bowl, 0) + " g wait in the fullest bowl"));
        if (!sequence.reasons().isEmpty()) {
            terms.add(minutes(ScoreTerm.Kind.ORDER, order(), ORDER_AIM_MIN, 2, "from its place in the courses"));
        }
        if (brief.menu().stream().anyMatch(item -> item.with() != null)) {
            terms.add(minutes(ScoreTerm.Kind.TIES, ties(), TIES_AIM_MIN, 1, "between what is eaten together"));
        }
        double rate = busy.cues() / minutes;
        terms.add(new ScoreTerm(
                ScoreTerm.Kind.CUES,
                rate,
                "1/min",
                CUES_AIM_PER_MIN,
                3,
                busy.name() + ": " + busy.cues() + " cues in " + KitchenText.minutes(minutes)));
        terms.add(new ScoreTerm(
                ScoreTerm.Kind.RUSH,
                busy.most(),
                "1",
                RUSH_AIM,
                2,
                busy.name() + ": " + busy.most() + " cues in the busiest two minutes"));
        terms.add(seconds(
                ScoreTerm.Kind.FAIRNESS,
                spread(),
                FAIRNESS_AIM_S,
                1,
                "between the longest waits of the luckiest and the unluckiest guest"));
        double missing = missingSlack();
        terms.add(new ScoreTerm(
                ScoreTerm.Kind.SLACK,
                missing,
                "s",
                SLACK_AIM_S,
                1,
                missing == 0
                        ? "20 s to spare on both sides at every take-out"
                        : KitchenText.seconds(SLACK_AIM_S - missing) + " to spare at the tightest take-out"));
        return terms;
    }

    private static ScoreTerm seconds(ScoreTerm.Kind kind, double value, double aim, double weight, String what) {
        return new ScoreTerm(kind, value, "s", aim, weight, KitchenText.seconds(value) + ", " + what);
    }

    private static ScoreTerm minutes(ScoreTerm.Kind kind, double value, double aim, double weight, String what) {
        return new ScoreTerm(kind, value, "min", aim, weight, KitchenText.number(value, 1) + " min " + what);
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
                .orElse(SLACK_AIM_S);
        return Math.max(0, SLACK_AIM_S - least);
    }
}
