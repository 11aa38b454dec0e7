package org.livelyladle.core.sequence;

/**
 * How good a guest's evening is with one more batch at some time: the eighth powers of the waits with an empty bowl, each
 * against the longest there should be, so that the worst decides; the fourth powers of what waits in the bowl; and the mean
 * squared distance of what is eaten from the tempo. All else the guest eats is summed up beforehand, so that a time costs no more than the bites of the batch.
 */
final class MealWithout {
    /** A wait as long as this is as long as it should get [s]; who has few bites waits as long as if they came evenly. */
    private static final double WAIT_AIM_S = 240;
    /** What a wait that is as long as it should get counts; memory. */
    private static final double WAIT_WEIGHT = 4;
    /** A wait for the very first bite counts as so many times its length; memory. */
    private static final double FIRST_BITE_WEIGHT = 5;
    /** Once so much is eaten [1] a wait hurts less, and so does the wait to the finish. */
    static final double NEARLY_ALL = 0.9;

    private static final double LATE_WAIT_WEIGHT = 0.5;
    private static final double LATE_COUNTS = StrictMath.pow(LATE_WAIT_WEIGHT, 8);
    /** Bites are looked up by stretches of the evening so long [s]. */
    private static final int STRETCH = 256;
    /** As much as should wait in a bowl at most [g]; who has too little time to eat has more. */
    private static final double BOWL_AIM_G = 90;

    /** Where each sum is among those of so many first bites. */
    private static final int EATEN = 0;

    private static final int WAITS = 1;
    private static final int BOWLS = 2;
    private static final int GC = 3;
    private static final int GCC = 4;
    private static final int GA = 5;
    private static final int GCA = 6;
    private static final int GAA = 7;
    private static final int SUMS = 8;

    private final AimedShare aimed;
    private final Wishes wishes;
    private final double aim;
    /** How long it takes to eat as much as should be in the bowl at most [s]. */
    private final double bowlAim;

    private final int size;
    /** Bites in order of time [s from sitting down]. */
    private final int[] at;
    /** When the bowl is empty after each bite, if no other came [s from sitting down]. */
    private final double[] emptyAt;
    /** How long a gram is eaten [s/g]. */
    private final double perGram;
    /** The first bite that is not before each {@value #STRETCH} seconds of the evening. */
    private final int[] firstOfStretch;

    /**
     * Of the first bites, for each number of them side by side: sums of g, of the eighth powers of the waits between them,
     * of g c, g c c, g a, g c a, g a a, where g is a bite, c what is eaten up to its middle and a the share that should be
     * eaten by then. With G more eaten before and T in all, the squared distances of bites are the sums of
     * g ((c + G) / T - a)^2.
     */
    private final double[] sums;

    /**
     * @param perGram how long a gram is eaten [s/g]
     * @param bites of the whole evening, those of the batch that is left out too
     * @param food of the whole evening as well [g]
     * @param size so many times and grams count
     */
    MealWithout(
            AimedShare aimed,
            Wishes wishes,
            double perGram,
            int bites,
            double food,
            int size,
            int[] at,
            double[] grams) {
        this.aimed = aimed;
        this.wishes = wishes;
        this.aim = Math.max(WAIT_AIM_S, (aimed.finish() - aimed.arrival()) / (double) Math.max(1, bites));
        this.size = size;
        this.at = at;
        this.perGram = perGram;
        this.bowlAim = Math.max(BOWL_AIM_G * perGram, food * perGram - (aimed.finish() - aimed.arrival()));
        emptyAt = new double[size];
        double empty = aimed.arrival();
        sums = new double[SUMS * (size + 1)];
        for (int i = 0; i < size; i++) {
            int now = SUMS * i;
            int then = now + SUMS;
            double g = grams[i];
            double c = sums[now + EATEN] + g / 2;
            double a = aimed.by(at[i]);
            sums[then + EATEN] = sums[now + EATEN] + g;
            sums[then + WAITS] = sums[now + WAITS] + (i == 0 ? 0 : counts(Math.max(0, at[i] - empty) / aim));
            empty = Math.max(empty, at[i]) + g * perGram;
            emptyAt[i] = empty;
            sums[then + BOWLS] = sums[now + BOWLS] + bowl(empty - at[i]);
            sums[then + GC] = sums[now + GC] + g * c;
            sums[then + GCC] = sums[now + GCC] + g * c * c;
            sums[then + GA] = sums[now + GA] + g * a;
            sums[then + GCA] = sums[now + GCA] + g * c * a;
            sums[then + GAA] = sums[now + GAA] + g * a * a;
        }
        firstOfStretch = new int[size == 0 ? 1 : 2 + Math.max(0, at[size - 1]) / STRETCH];
        int next = 0;
        for (int i = 1; i < firstOfStretch.length; i++) {
            next = firstFrom(i * STRETCH, next);
            firstOfStretch[i] = next;
        }
    }

    /**
     * @param bites of one more batch in order of time [s]
     * @param grams of each
     * @param from when they count from [s from sitting down]
     * @param enough what costs more is not reckoned to the end, and is without limit
     */
    double cost(int[] bites, double[] grams, int from, double enough) {
        double more = 0;
        for (double bite : grams) {
            more += bite;
        }
        double all = sums[SUMS * size + EATEN] + more;
        double waited = 0;
        double uneven = 0;
        double eaten = 0;
        double empty = aimed.arrival();
        int next = 0;
        for (int j = 0; j <= bites.length; j++) {
            int until =
                    j < bites.length ? firstFrom(from + bites[j], j == 0 ? sureBefore(from + bites[0]) : next) : size;
            if (until > next) {
                uneven += unevenness(next, until, eaten, all);
                // as long as the bowl is not empty of the batch there is no wait, and more lies in it
                while (next < until && empty > at[next]) {
                    empty += emptyingOf(next);
                    waited += bowl(empty - at[next]);
                    next++;
                }
                if (next < until) {
                    waited += wait(at[next] - empty, next + j == 0, sums[SUMS * next + EATEN] + eaten, all)
                            + between(next, until, eaten, all)
                            + sums[SUMS * until + BOWLS]
                            - sums[SUMS * next + BOWLS];
                    empty = emptyAt[until - 1];
                    next = until;
                }
            }
            if (j < bites.length) {
                int bite = from + bites[j];
                waited += wait(bite - empty, next + j == 0, sums[SUMS * next + EATEN] + eaten, all);
                double away = (sums[SUMS * next + EATEN] + eaten + grams[j] / 2) / all - aimed.by(bite);
                uneven += grams[j] * away * away;
                eaten += grams[j];
                empty = Math.max(empty, bite) + grams[j] * perGram;
                waited += bowl(empty - bite);
            }
            if (waited > enough) {
                return Double.POSITIVE_INFINITY;
            }
        }
        waited += LATE_COUNTS * counts(Math.max(0, aimed.finish() - empty) / aim);
        return all == 0 ? waited : waited + wishes.tempo() * uneven / all;
    }

    /** Not after the first bite that is not before a moment. */
    private int sureBefore(int second) {
        return firstOfStretch[Math.min(firstOfStretch.length - 1, Math.max(0, second) / STRETCH)];
    }

    /** Bites of a batch come close upon each other: from one to the next it is mostly a step or two. */
    private int firstFrom(int second, int from) {
        int place = from;
        while (place < size && at[place] < second) {
            place++;
        }
        return place;
    }

    /** How long the bite before which so much is eaten is eaten itself [s]. */
    private double emptyingOf(int bite) {
        return (sums[SUMS * (bite + 1) + EATEN] - sums[SUMS * bite + EATEN]) * perGram;
    }

    /**
     * What it counts that so much lies in the bowl.
     *
     * @param seconds until it is eaten
     */
    private double bowl(double seconds) {
        double full = seconds / bowlAim;
        double square = full * full;
        return wishes.bowl() * square * square;
    }

    private double wait(double seconds, boolean first, double eaten, double all) {
        if (first) {
            return counts(FIRST_BITE_WEIGHT * seconds / WAIT_AIM_S);
        }
        double wait = counts(Math.max(0, seconds) / aim);
        return eaten > NEARLY_ALL * all ? LATE_COUNTS * wait : wait;
    }

    /** Waits between bites of a run, with so much of the batch eaten before. */
    private double between(int from, int until, double eaten, double all) {
        int first = SUMS * (from + 1) + WAITS;
        int last = SUMS * until + WAITS;
        int turn = SUMS * lateFrom(NEARLY_ALL * all - eaten, from + 1, until) + WAITS;
        return sums[turn] - sums[first] + LATE_COUNTS * (sums[last] - sums[turn]);
    }

    /** The first bite of a run before which more than so much is eaten [g]: mostly none, and else one of the last. */
    private int lateFrom(double grams, int first, int until) {
        int late = until;
        while (late > first && sums[SUMS * (late - 1) + EATEN] > grams) {
            late--;
        }
        return late;
    }

    private double unevenness(int from, int until, double eaten, double all) {
        int before = SUMS * from;
        int after = SUMS * until;
        double g = sums[after + EATEN] - sums[before + EATEN];
        double gc = sums[after + GC] - sums[before + GC];
        double gcc = sums[after + GCC] - sums[before + GCC];
        double ga = sums[after + GA] - sums[before + GA];
        double gca = sums[after + GCA] - sums[before + GCA];
        double gaa = sums[after + GAA] - sums[before + GAA];
        return (gcc + 2 * eaten * gc + eaten * eaten * g) / (all * all) - 2 * (gca + eaten * ga) / all + gaa;
    }

    /** What a wait counts that is so many times as long as it should get. */
    private static double counts(double times) {
        double square = times * times;
        double fourth = square * square;
        return WAIT_WEIGHT * fourth * fourth;
    }
}
