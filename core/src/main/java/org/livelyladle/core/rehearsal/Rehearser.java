package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.edit.BriefEdit;

/**
 * Plays the evenings of one table: the same seed gives the same numbers on any machine and with any number of threads. What
 * it needs does not grow with their number, but for a byte that each leaves behind to be compared with.
 */
public final class Rehearser {
    /** So many are enough: a chance is known to a hundredth. */
    public static final int MOST_EVENINGS = 10_000;

    /** Evenings counted in one go, between two looks at whether to go on. */
    private static final int BATCH = 20;

    private static final int TOLD_EVERY = 100;
    /** What all rehearsals remember of food: it follows from the food alone. */
    private static final Cores CORES = new Cores();

    private static final String AS_IT_STANDS =
            "After a mistake the evening goes on by the plan as it stands: what is late goes in late, and waits for a free "
                    + "basket, a hand and heat. The running table would order the rest anew, so this is rather too dark.";

    private final MistakeRates rates;
    private final long seed;
    private final int evenings;
    private final Run run;
    private final Script script;
    private final Teller teller;
    private final Trial.Planned planned;
    private final byte[] weights;
    private Share before = Share.of(0, 0);

    /** What a rehearsal may do with the machine. */
    public record Run(int threads, BooleanSupplier isStopped) {
        /** To the end, whatever happens. */
        public static Run toTheEnd(int threads) {
            return new Run(threads, () -> false);
        }
    }

    /** @param evenings 1 to {@value #MOST_EVENINGS} */
    public Rehearser(Scene scene, MistakeRates rates, long seed, int evenings, Run run) {
        if (evenings < 1 || evenings > MOST_EVENINGS) {
            throw new InvalidInputException("evenings", evenings, "1 to " + MOST_EVENINGS);
        }
        this.rates = rates;
        this.seed = seed;
        this.evenings = evenings;
        this.run = run;
        this.script = new Script(scene, CORES);
        this.teller = new Teller(script);
        this.planned = Trial.undisturbed(script, null);
        this.weights = new byte[evenings];
    }

    /**
     * Plays the table as it is planned.
     *
     * @param told of what is known so far, from time to time
     * @return what is known when it is through, or stopped
     */
    public Rehearsal play(Consumer<Rehearsal> told) {
        Tally all = new Tally();
        inBatches(() -> {
            Trial trial = new Trial(script, rates, planned, null);
            return (from, until) -> {
                Tally own = new Tally();
                for (int evening = from; evening < until; evening++) {
                    List<Happening> happenings = trial.play(seed, evening);
                    weights[evening] = (byte) weight(happenings);
                    own.add(happenings);
                }
                synchronized (all) {
                    all.add(own);
                    if (all.evenings() % TOLD_EVERY == 0) {
                        told.accept(result(all));
                    }
                }
            };
        });
        before = all.any();
        return result(all);
    }

    private Rehearsal result(Tally all) {
        return new Rehearsal(
                all.evenings(),
                seed,
                rates,
                AS_IT_STANDS,
                all.any(),
                teller.chances(all),
                teller.moments(all),
                List.of());
    }

    /**
     * Plays the same evenings, which have been {@link #play played} before, with a changed plan.
     *
     * @param done told how many have been played so far, from time to time
     */
    public Rehearsal.Change change(String label, @Nullable BriefEdit edit, Scene changed, Consumer<Integer> done) {
        Script other = new Script(changed, CORES);
        Trial.Planned own = Trial.undisturbed(other, null);
        // a change must not hide a longer wait as a planned one
        Trial.Planned judged = new Trial.Planned(planned.waits(), own.lost(), own.finish(), own.anyway());
        Tally all = new Tally();
        long[] sums = new long[2];
        inBatches(() -> {
            Trial trial = new Trial(other, rates, judged, null);
            return (from, until) -> {
                Tally batch = new Tally();
                long sum = 0;
                long squares = 0;
                for (int evening = from; evening < until; evening++) {
                    List<Happening> happenings = trial.play(seed, evening);
                    batch.add(happenings);
                    long better = (long) weights[evening] - weight(happenings);
                    sum += better;
                    squares += better * better;
                }
                synchronized (all) {
                    all.add(batch);
                    sums[0] += sum;
                    sums[1] += squares;
                    done.accept(all.evenings());
                }
            };
        });
        int n = Math.max(1, all.evenings());
        double mean = (double) sums[0] / n;
        double half = Share.Z * StrictMath.sqrt(Math.max(0, (double) sums[1] / n - mean * mean) / n);
        return new Teller(other).change(label, edit, before, all, mean, half);
    }

    /** Each trouble of an evening once. */
    private static int weight(List<Happening> happenings) {
        int seen = 0;
        int weight = 0;
        for (Happening one : happenings) {
            int bit = 1 << one.trouble().ordinal();
            weight += (seen & bit) == 0 ? one.trouble().weight() : 0;
            seen |= bit;
        }
        return weight;
    }

    /** Plays a batch of evenings; by one thread. */
    private interface Player {
        void play(int from, int until);
    }

    private interface Players {
        Player player();
    }

    private void inBatches(Players players) {
        AtomicInteger next = new AtomicInteger();
        Runnable worker = () -> {
            Player player = players.player();
            for (int from = next.getAndAdd(BATCH);
                    from < evenings && !run.isStopped().getAsBoolean();
                    from = next.getAndAdd(BATCH)) {
                player.play(from, Math.min(evenings, from + BATCH));
            }
        };
        ExecutorService workers = Executors.newFixedThreadPool(run.threads());
        try {
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < run.threads(); i++) {
                all.add(workers.submit(worker));
            }
            for (Future<?> one : all) {
                one.get();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            Patience.check();
        } catch (ExecutionException e) {
            throw new IllegalStateException("An evening could not be played", e.getCause());
        } finally {
            workers.shutdownNow();
        }
    }
}
