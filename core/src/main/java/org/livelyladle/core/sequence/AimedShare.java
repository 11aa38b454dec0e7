package org.livelyladle.core.sequence;

/** How much of their food a guest should have eaten by when, from coming to the finish; laid out by the second, as it is asked time and again. */
final class AimedShare {
    private final int arrival;
    private final int finish;
    private final double[] bySecond;

    /** @param there from coming to the finish */
    AimedShare(Presence there, EatenShare tempo) {
        this.arrival = there.from();
        this.finish = there.until();
        int seconds = Math.max(1, finish - arrival);
        this.bySecond = new double[seconds + 1];
        for (int i = 0; i <= seconds; i++) {
            bySecond[i] = tempo.eatenBy(i / (double) seconds);
        }
    }

    /** [s from sitting down] */
    int arrival() {
        return arrival;
    }

    /** [s from sitting down] */
    int finish() {
        return finish;
    }

    /** What should be eaten by then [1]. */
    double by(int second) {
        return bySecond[Math.max(0, Math.min(bySecond.length - 1, second - arrival))];
    }
}
