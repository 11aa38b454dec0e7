package org.livelyladle.server.rehearsal;

import jakarta.annotation.PreDestroy;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.plan.Planner;
import org.livelyladle.core.plan.RehearsalPlanner;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Two rehearsals at a time, the others in turn; the last few are remembered until the server stops. */
@Service
class RehearsalService {
    private static final int AT_ONCE = 2;
    private static final int MOST_WAITING = 20;
    private static final int MOST_REMEMBERED = 30;
    private static final int MOST_THREADS = 4;

    private final RehearsalPlanner planner;
    private final Catalogue catalogue;
    private final Deque<RehearsalJob> jobs = new ArrayDeque<>();
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE, task -> {
        Thread thread = new Thread(task, "rehearsals");
        thread.setDaemon(true);
        return thread;
    });

    RehearsalService(Planner planner, Catalogue catalogue) {
        this.planner = new RehearsalPlanner(planner);
        this.catalogue = catalogue;
    }

    @PreDestroy
    void close() {
        jobs().forEach(RehearsalJob::stop);
        workers.shutdownNow();
    }

    private synchronized List<RehearsalJob> jobs() {
        return List.copyOf(jobs);
    }

    /** @throws RefusedException 503 when too many wait already */
    RehearsalView begin(SignedIn host, Brief brief, int evenings, long seed, MistakeRates rates) {
        BriefCheck.check(brief, brief.extend(catalogue));
        Check.range(evenings, "evenings", 1, Rehearser.MOST_EVENINGS);
        long underWay = jobs().stream().filter(job -> !job.view().isOver()).count();
        if (underWay >= AT_ONCE + MOST_WAITING) {
            throw new RefusedException(
                    HttpStatus.SERVICE_UNAVAILABLE, MOST_WAITING + " rehearsals wait already; stop one, or wait.");
        }
        int threads = Math.min(MOST_THREADS, Runtime.getRuntime().availableProcessors());
        RehearsalJob job = new RehearsalJob(host.host(), planner, brief, rates, seed, evenings, threads);
        remember(job);
        job.runsAs(workers.submit(job));
        return job.view();
    }

    private synchronized void remember(RehearsalJob job) {
        jobs.addLast(job);
        while (jobs.size() > MOST_REMEMBERED && jobs.peekFirst().view().isOver()) {
            jobs.removeFirst();
        }
    }

    /** @throws RefusedException 404 where there is none of this host, or the server has forgotten it */
    RehearsalJob find(SignedIn host, UUID id) {
        return jobs().stream()
                .filter(job -> job.id().equals(id) && job.isOf(host.host()))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND,
                        "There is no rehearsal " + id + ". A restart forgets them; begin it again."));
    }
}
