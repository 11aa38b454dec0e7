package org.livelyladle.core.rehearsal;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.livelyladle.core.audit.CoreGrid;
import org.livelyladle.core.audit.CoreTimes;
import org.livelyladle.core.catalogue.Cut;

/** What a core comes to in broth that warms and cools, remembered by cut: thousands of evenings ask for the same few. */
final class Cores {
    /** What stays in longer has long followed the broth [s]. */
    private static final int FOLLOWED_FOR = 3600;

    private static final int MOST_REMEMBERED = 1000;
    /** Of what goes in frozen, times are known for broth of these temperatures, and between them by their logarithm. */
    private static final double COOLEST_C = 75;

    private static final double STEP_K = 5;
    private static final int STEPS = 7;
    /** Temperatures of a history are told apart so finely [1/K]. */
    private static final double PER_K = 10;

    /** Of parts of a time, added up in wandering broth [1]. */
    private static final double DOUBT = 0.12;

    private static final double FREEZES_C = -1.5;
    private static final double FREEZER_C = -18;

    private record Key(Cut cut, double scale) {}

    private record FrozenKey(Cut cut, double scale, double targetC) {}

    private final Map<Key, double[]> thawed = new ConcurrentHashMap<>();
    private final Map<FrozenKey, double[]> frozen = new ConcurrentHashMap<>();
    private final CoreTimes times = new CoreTimes();

    /** One piece, and what its core is to reach. */
    final class Core {
        private final double startC;
        private final double targetC;
        private final boolean isFrozen;
        /** Step response by second of thawed food; of frozen food the part of its time that a second is, by temperature. */
        private final double[] known;

        private final CoreGrid grid;

        private Core(Cut cut, double scale, double startC, double targetC) {
            this.startC = startC;
            this.targetC = targetC;
            this.grid = CoreGrid.of(cut, scale);
            this.isFrozen = startC < FREEZES_C;
            this.known = isFrozen ? partsOfTime(cut, scale, targetC) : response(cut, scale);
        }

        /**
         * Whether the core is at its target.
         *
         * @param history of the broth's temperature by second [°C]
         * @param from the second it went in, until it came out
         */
        boolean isReached(float[] history, int from, int until) {
            return isFrozen ? isThawedThrough(history, from, until) : celsius(history, from, until) >= targetC;
        }

        private double celsius(float[] history, int from, int until) {
            double core = startC;
            double broth = startC;
            for (int second = from; second < until; second++) {
                core += (history[second] - broth) * known[Math.min(known.length - 1, until - second)];
                broth = history[second];
            }
            return core;
        }

        /**
         * Each second counts as its part of the time it would take in broth as warm as it is then. Where that leaves a
         * doubt the grid is gone through.
         */
        private boolean isThawedThrough(float[] history, int from, int until) {
            double done = parts(history, from, until);
            return done > 1 + DOUBT
                    || done > 1 - DOUBT
                            && grid.seconds(
                                            startC,
                                            second -> history[Math.min(until - 1, from + (int) second)],
                                            targetC)
                                    <= until - from;
        }

        private double parts(float[] history, int from, int until) {
            double done = 0;
            for (int second = from; second < until; second++) {
                int place = (int) ((history[second] - COOLEST_C) * PER_K);
                done += place < 0 ? 0 : known[Math.min(known.length - 1, place)];
            }
            return done;
        }
    }

    /** @param targetC what its core is to reach [°C] */
    Core core(Cut cut, double scale, double startC, double targetC) {
        return new Core(cut, scale, startC, targetC);
    }

    private double[] response(Cut cut, double scale) {
        forgetSome(thawed);
        return thawed.computeIfAbsent(
                new Key(cut, scale), key -> CoreGrid.of(cut, scale).stepResponse(FOLLOWED_FOR));
    }

    private double[] partsOfTime(Cut cut, double scale, double targetC) {
        forgetSome(frozen);
        return frozen.computeIfAbsent(new FrozenKey(cut, scale, targetC), key -> {
            double[] logs = new double[STEPS];
            for (int i = 0; i < STEPS; i++) {
                double broth = Math.max(COOLEST_C + i * STEP_K, targetC + 1);
                logs[i] = StrictMath.log(times.seconds(cut, scale, FREEZER_C, broth, targetC));
            }
            double[] parts = new double[(int) ((STEPS - 1) * STEP_K * PER_K)];
            for (int i = 0; i < parts.length; i++) {
                double place = (i + 0.5) / PER_K / STEP_K;
                int below = (int) place;
                parts[i] = StrictMath.exp(-(logs[below] + (place - below) * (logs[below + 1] - logs[below])));
            }
            return parts;
        });
    }

    private static void forgetSome(Map<?, ?> known) {
        if (known.size() >= MOST_REMEMBERED) {
            known.clear();
        }
    }
}
