package org.livelyladle.server.rehearsal;

import java.util.UUID;
import java.util.concurrent.Future;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Patience;
import org.livelyladle.core.plan.RehearsalPlanner;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearsal;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.server.rehearsal.RehearsalView.State;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One rehearsal from its asking to its end. */
final class RehearsalJob implements Runnable {
    private static final Logger log = LoggerFactory.getLogger(RehearsalJob.class);

    private final UUID id = UUID.randomUUID();
    private final UUID host;
    private final RehearsalPlanner planner;
    private final Brief brief;
    private final MistakeRates rates;
    private final long seed;
    private final int evenings;
    private final int threads;

    private State state = State.WAITING;
    private int played;
    private int of;
    private @Nullable String failure;
    private @Nullable Rehearsal result;
    private @Nullable Future<?> future;

    RehearsalJob(
            UUID host,
            RehearsalPlanner planner,
            Brief brief,
            MistakeRates rates,
            long seed,
            int evenings,
            int threads) {
        this.host = host;
        this.planner = planner;
        this.brief = brief;
        this.rates = rates;
        this.seed = seed;
        this.evenings = evenings;
        this.threads = threads;
        this.of = evenings;
    }

    UUID id() {
        return id;
    }

    boolean isOf(UUID other) {
        return host.equals(other);
    }

    synchronized void runsAs(Future<?> task) {
        future = task;
    }

    synchronized RehearsalView view() {
        return new RehearsalView(id, state, played, of, failure, result);
    }

    private synchronized boolean isStopped() {
        return state == State.STOPPED;
    }

    /** What is known by then stays; one that is over stays as it is. */
    synchronized void stop() {
        if (state == State.WAITING || state == State.RUNNING) {
            state = State.STOPPED;
            if (future != null) {
                future.cancel(true);
            }
        }
    }

    private synchronized void told(Rehearsal far, int playedSoFar, int ofAll) {
        if (state == State.RUNNING) {
            result = far;
            played = playedSoFar;
            of = ofAll;
        }
    }

    private synchronized void becomes(State from, State to) {
        if (state == from) {
            state = to;
        }
    }

    private synchronized void ends(Rehearsal whole) {
        result = whole;
        played = isStopped() ? played : of;
        becomes(State.RUNNING, State.DONE);
    }

    private synchronized void fails(String why) {
        failure = why;
        becomes(State.RUNNING, State.FAILED);
    }

    @Override
    public void run() {
        becomes(State.WAITING, State.RUNNING);
        try {
            Rehearser.Run run = new Rehearser.Run(threads, this::isStopped);
            ends(planner.rehearse(brief, rates, seed, evenings, run, this::told));
        } catch (Patience.GivenUpException e) {
            stop();
        } catch (InvalidInputException e) {
            fails(e.getMessage());
        } catch (RuntimeException e) {
            log.error("A rehearsal failed", e);
            fails("Something went wrong here, which is not the party's fault.");
        }
    }
}
