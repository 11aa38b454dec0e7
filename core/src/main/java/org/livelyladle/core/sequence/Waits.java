package org.livelyladle.core.sequence;

/** One guest's waits between bites, from arriving to the finish. */
final class Waits {
    /** A wait for the very first bite weighs so much more than one between bites; memory. */
    private static final double FIRST_BITE_WEIGHT = 2.5;

    private final int arrival;
    private final int finish;

    /** The heaviest wait [s from sitting down], and its weighed length. */
    record Longest(int guest, int from, int to, double weight) {}

    Waits(int arrival, int finish) {
        this.arrival = arrival;
        this.finish = finish;
    }

    /**
     * Sum of cubed waits [s3], so that one long wait weighs more than many short ones.
     *
     * @param rest bites of everything else, in order of time [s]
     * @param first the first bite of one more drop [s]
     * @param count its bites, one every {@code every} [s]
     */
    double cost(int[] rest, int first, int count, int every) {
        double cost = 0;
        int last = arrival;
        int next = first;
        int left = count;
        double weight = FIRST_BITE_WEIGHT;
        for (int i = 0; i <= rest.length; ) {
            int bite = i < rest.length ? rest[i] : finish;
            if (left > 0 && next <= bite) {
                bite = next;
                next += every;
                left--;
            } else {
                i++;
            }
            double wait = weight * (bite - last);
            cost += wait * wait * wait;
            last = bite;
            weight = 1;
        }
        return cost;
    }

    /** @param bites in order of time [s] */
    Longest longest(int guest, int[] bites) {
        Longest longest = new Longest(guest, arrival, arrival, 0);
        int last = arrival;
        for (int i = 0; i <= bites.length; i++) {
            int next = i < bites.length ? bites[i] : finish;
            double weight = (i == 0 ? FIRST_BITE_WEIGHT : 1) * (next - last);
            if (weight > longest.weight()) {
                longest = new Longest(guest, last, next, weight);
            }
            last = next;
        }
        return longest;
    }
}
