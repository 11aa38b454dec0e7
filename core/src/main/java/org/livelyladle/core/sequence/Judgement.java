package org.livelyladle.core.sequence;

import java.util.List;
import org.livelyladle.core.table.ScoreTerm.Kind;

/**
 * What an evening on the board comes to, by aims it is judged by in the end: those that the search can do something about.
 *
 * @param tempo mean distance of what is eaten from what should be by then, over all guests [%]
 * @param bowl the most that waits in a bowl [g]
 * @param order from its place in the order, on average over the batches [min]
 * @param missed how far it is from good enough altogether [1]; 0 where all aims are met
 */
record Judgement(double tempo, double bowl, double order, double missed) {
    private static final double SECONDS_OF_A_MINUTE = 60;
    private static final double PERCENT = 100;

    /** @param all what is on the board and may be moved */
    static Judgement of(Board board, List<Placing> all) {
        List<Meal> meals =
                board.meals().stream().filter(meal -> !meal.isEmpty()).toList();
        double[] waits = meals.stream()
                .mapToDouble(meal -> meal.longestWait().seconds())
                .sorted()
                .toArray();
        double longest = waits.length == 0 ? 0 : waits[waits.length - 1];
        double first = meals.stream().mapToDouble(Meal::firstBite).max().orElse(0);
        double tempo =
                PERCENT * meals.stream().mapToDouble(Meal::unevenness).average().orElse(0);
        double bowl = meals.stream().mapToDouble(Meal::fullestBowl).max().orElse(0);
        double order = all.stream()
                .mapToDouble(placing -> Math.abs(placing.counted() - placing.ideal) / SECONDS_OF_A_MINUTE)
                .average()
                .orElse(0);
        Cues.Most most = board.mostToDo();
        Aims aims = board.aims();
        double missed = aims.of(Kind.FIRST_BITE).missed(first)
                + aims.of(Kind.LONGEST_WAIT).missed(longest)
                + aims.of(Kind.TEMPO).missed(tempo)
                + aims.of(Kind.BOWL).missed(bowl)
                + aims.of(Kind.ORDER).missed(order)
                + aims.of(Kind.CUES).missed(most.aMinute())
                + aims.of(Kind.RUSH).missed(most.inTwoMinutes())
                + aims.of(Kind.FAIRNESS).missed(waits.length == 0 ? 0 : longest - waits[0]);
        return new Judgement(tempo, bowl, order, missed);
    }
}
