package org.livelyladle.core.sequence;

import java.util.Arrays;

/**
 * How good a guest's evening is with one more batch at some time: the eighth powers of the waits with an empty bowl, each
 * against the longest there should be, so that the worst decides; and the mean squared distance of what is eaten from the tempo. All else the
 * guest eats is summed up beforehand, so that a time costs no more than the bites of the batch.
 */
final class MealWithout {
    /** A wait as long as this is as long as it should get [s]; who has few bites waits as long as if they came evenly. */
    private static final double WAIT_AIM_S = 240;
    /** A wait for the very first bite counts as so many times its length; memory. */
    private static final double FIRST_BITE_WEIGHT = 5;
    /** Once so much is eaten [1] a wait hurts less, and so does the wait to the finish. */
    static final double NEARLY_ALL = 0.9;

    private static final double LATE_WAIT_WEIGHT = 0.5;
    private static final double LATE_COUNTS = eighth(LATE_WAIT_WEIGHT);
    /** What the mean squared distance from the tempo counts against waits; memory. */
    private static final double TEMPO_WEIGHT = 150;

    private final int arrival;
    private final int finish;
    private final EatenShare tempo;
    private final double aim;
    /** Bites in order of time [s from sitting down]. */
    private final int[] at;
    /** Eaten before each bite, and in the end all [g]. */
    private final double[] before;
    /** When each bite is eaten, whatever else is in the bowl [s from sitting down]. */
    private final double[] emptyAt;
    /** How long a gram is eaten [s/g]. */
    private final double perGram;
    /** Of the first bites: eighth powers of the waits between them. */
    private final double[] waits;

    /**
     * Of the first bites: sums of g, g c, g c c, g a, g c a, g a a, where g is a bite, c what is eaten up to its middle and
     * a the share that should be eaten by then. With G more eaten before and T in all, the squared distances of bites are
     * the sums of g ((c + G) / T - a)^2.
     */
    private final double[][] sums;

    /**
     * @param perGram how long a gram is eaten [s/g]
     * @param bites of the whole evening, those of the batch that is left out too
     */
    MealWithout(int arrival, int finish, EatenShare tempo, double perGram, int bites, int[] at, double[] grams) {
        this.arrival = arrival;
        this.finish = finish;
        this.tempo = tempo;
        this.aim = Math.max(WAIT_AIM_S, (finish - arrival) / (double) Math.max(1, bites));
        this.at = at;
        this.perGram = perGram;
        emptyAt = new double[at.length];
        before = new double[at.length + 1];
        waits = new double[at.length + 1];
        sums = new double[6][at.length + 1];
        for (int i = 0; i < at.length; i++) {
            double g = grams[i];
            double c = before[i] + g / 2;
            double a = aimed(at[i]);
            before[i + 1] = before[i] + g;
            waits[i + 1] = waits[i] + (i == 0 ? 0 : eighth(Math.max(0, at[i] - emptyAt[i - 1]) / aim));
            emptyAt[i] = at[i] + g * perGram;
            double[] terms = {g, g * c, g * c * c, g * a, g * c * a, g * a * a};
            for (int k = 0; k < terms.length; k++) {
                sums[k][i + 1] = sums[k][i] + terms[k];
            }
        }
    }

    private double aimed(int bite) {
        return tempo.eatenBy((bite - arrival) / (double) Math.max(1, finish - arrival));
    }

    /**
     * @param bites of one more batch in order of time [s]
     * @param grams of each
     * @param from when they count from [s from sitting down]
     */
    double cost(int[] bites, double[] grams, int from) {
        double more = 0;
        for (double bite : grams) {
            more += bite;
        }
        double all = before[at.length] + more;
        double waited = 0;
        double uneven = 0;
        double eaten = 0;
        double empty = arrival;
        int next = 0;
        for (int j = 0; j <= bites.length; j++) {
            int until = j < bites.length ? firstFrom(from + bites[j], next) : at.length;
            if (until > next) {
                waited += wait(at[next] - empty, next + j == 0, before[next] + eaten, all)
                        + between(next, until, eaten, all);
                uneven += unevenness(next, until, eaten, all);
                empty = emptyAt[until - 1];
                next = until;
            }
            if (j < bites.length) {
                int bite = from + bites[j];
                waited += wait(bite - empty, next + j == 0, before[next] + eaten, all);
                double away = (before[next] + eaten + grams[j] / 2) / all - aimed(bite);
                uneven += grams[j] * away * away;
                eaten += grams[j];
                empty = bite + grams[j] * perGram;
            }
        }
        waited += LATE_COUNTS * eighth(Math.max(0, finish - empty) / aim);
        return all == 0 ? waited : waited + TEMPO_WEIGHT * uneven / all;
    }

    /** Bites of a batch come close upon each other: from one to the next it is mostly a step or two. */
    private int firstFrom(int second, int from) {
        int place = from;
        while (place < at.length && at[place] < second) {
            place++;
        }
        return place;
    }

    private double wait(double seconds, boolean first, double eaten, double all) {
        if (first) {
            return eighth(FIRST_BITE_WEIGHT * seconds / WAIT_AIM_S);
        }
        double wait = eighth(Math.max(0, seconds) / aim);
        return eaten > NEARLY_ALL * all ? LATE_COUNTS * wait : wait;
    }

    /** Waits between bites of a run, with so much of the batch eaten before. */
    private double between(int from, int until, double eaten, double all) {
        int turn = lateFrom(NEARLY_ALL * all - eaten, from + 1, until);
        return waits[turn] - waits[from + 1] + LATE_COUNTS * (waits[until] - waits[turn]);
    }

    /** The first bite of a run before which more than so much is eaten [g]. */
    private int lateFrom(double grams, int first, int until) {
        if (before[until] <= grams) {
            return until;
        }
        int late = Arrays.binarySearch(before, first, until, grams);
        return late < 0 ? -late - 1 : late + 1;
    }

    private double unevenness(int from, int until, double eaten, double all) {
        double g = sums[0][until] - sums[0][from];
        double gc = sums[1][until] - sums[1][from];
        double gcc = sums[2][until] - sums[2][from];
        double ga = sums[3][until] - sums[3][from];
        double gca = sums[4][until] - sums[4][from];
        double gaa = sums[5][until] - sums[5][from];
        return (gcc + 2 * eaten * gc + eaten * eaten * g) / (all * all) - 2 * (gca + eaten * ga) / all + gaa;
    }

    private static double eighth(double x) {
        double square = x * x;
        double fourth = square * square;
        return fourth * fourth;
    }
}
