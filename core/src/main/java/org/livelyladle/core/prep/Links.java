package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Station;

/**
 * What holds each job where it is: how much later it could start without anything else moving past the end of all, and
 * the chain of jobs that leaves no room.
 *
 * <p>A job is held by those that wait for it, by what its cook does next, by the next job at its ring, oven, sink or
 * board, by its cook's going away, and by the end of all work. Slack is total float over these links (the critical chain
 * of resource-constrained scheduling, Wiest 1964).
 */
final class Links {
    /** What holds a job. */
    enum Hold {
        END,
        WAITED_FOR,
        COOK,
        STATION,
        /** Whatever lies in the fridge or freezer with it leaves no room at another time. */
        COLD_ROOM,
        AWAY,
        EMPTY_HOUSE
    }

    /** Why a job can start no later than so [min from sitting down]; {@code by} is the other job, if it is one. */
    record Held(Hold hold, int latestStart, int by) {}

    private final Scheduled plan;
    private final Held[] held;
    private final boolean[] critical;

    Links(Scheduled plan) {
        this.plan = plan;
        this.held = new Held[plan.slots().length];
        this.critical = new boolean[plan.slots().length];
        List<Integer> order = IntStream.range(0, held.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> -plan.slots()[i].start())
                        .thenComparing(i -> -plan.slots()[i].end())
                        .thenComparing(i -> -i))
                .toList();
        List<Integer> later = new ArrayList<>();
        for (int job : order) {
            held[job] = held(job, later);
            later.add(job);
        }
        markChain();
    }

    Held of(int job) {
        return held[job];
    }

    /** [min]; 0 for what is over or fixed. */
    int slack(int job) {
        return isOpen(job) ? Math.max(0, held[job].latestStart() - plan.slots()[job].start()) : 0;
    }

    boolean isCritical(int job) {
        return critical[job];
    }

    private boolean isOpen(int job) {
        return !plan.project().job(job).isFixed() && !plan.progress().isDone(job);
    }

    private Held held(int job, List<Integer> later) {
        Slot slot = plan.slots()[job];
        int length = slot.end() - slot.start();
        if (!isOpen(job)) {
            return new Held(Hold.END, slot.start(), job);
        }
        Held least = new Held(Hold.END, plan.end() - length, job);
        for (int follower : plan.project().after[job]) {
            least = nearer(least, Hold.WAITED_FOR, follower, length);
        }
        int hands = plan.project().job(job).hands();
        Integer next = slot.cook() == Slot.NOBODY ? null : nextOfCook(slot, later);
        if (next != null) {
            least = nearer(least, Hold.COOK, next, hands);
        }
        if (isCrowded(plan.project().job(job).at())) {
            least = new Held(Hold.COLD_ROOM, slot.start(), -1);
        }
        Integer there = nextAtStation(job, later);
        if (there != null) {
            least = nearer(least, Hold.STATION, there, length);
        }
        return slot.cook() == Slot.NOBODY ? least : house(away(least, slot, hands), job, length);
    }

    /** Not all that is to lie at a cold station fits there at once. */
    private boolean isCrowded(Station at) {
        return at.isCold()
                && plan.project().jobs.stream()
                                .filter(job -> job.at() == at)
                                .mapToInt(Job::litres)
                                .sum()
                        > plan.brief().kitchen().count(at);
    }

    /** What is lit ends before the house is empty. */
    private Held house(Held least, int job, int length) {
        int empty = plan.draft().outings().emptyFrom(plan.slots()[job].end());
        boolean lit = plan.project().job(job).at().isLit() && empty != Integer.MAX_VALUE;
        return lit && empty - length < least.latestStart() ? new Held(Hold.EMPTY_HOUSE, empty - length, -1) : least;
    }

    private Held nearer(Held least, Hold hold, int other, int length) {
        if (held[other] == null || plan.progress().isDone(other)) {
            return least;
        }
        int latest = held[other].latestStart() - length;
        return latest < least.latestStart() ? new Held(hold, latest, other) : least;
    }

    private Held away(Held least, Slot slot, int hands) {
        int gone = plan.crew().away(slot.cook()).stream()
                .mapToInt(Crew.Away::from)
                .filter(from -> from >= slot.start() + hands)
                .min()
                .orElse(Integer.MAX_VALUE);
        return gone != Integer.MAX_VALUE && gone - hands < least.latestStart()
                ? new Held(Hold.AWAY, gone - hands, -1)
                : least;
    }

    /** Jobs come latest first, so the last that fits is the next one. */
    private @Nullable Integer nextOfCook(Slot slot, List<Integer> later) {
        for (int k = later.size() - 1; k >= 0; k--) {
            int other = later.get(k);
            if (plan.slots()[other].cook() == slot.cook() && plan.slots()[other].start() > slot.start()) {
                return other;
            }
        }
        return null;
    }

    private @Nullable Integer nextAtStation(int job, List<Integer> later) {
        Station at = plan.project().job(job).at();
        if (at == Station.NONE || at.isCold() || at.isBoard()) {
            return null;
        }
        Slot slot = plan.slots()[job];
        for (int k = later.size() - 1; k >= 0; k--) {
            int other = later.get(k);
            if (plan.project().job(other).at() == at
                    && plan.slots()[other].unit() == slot.unit()
                    && plan.slots()[other].start() >= slot.end()) {
                return other;
            }
        }
        return null;
    }

    /** From the earliest open job without slack whose holds lead up to the end of all. */
    private void markChain() {
        IntStream.range(0, held.length)
                .filter(i -> isOpen(i) && slack(i) == 0)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> plan.slots()[i].start())
                        .thenComparing(i -> i))
                .map(this::chain)
                .filter(chain -> !chain.isEmpty())
                .findFirst()
                .ifPresent(chain -> chain.forEach(job -> critical[job] = true));
    }

    /** What holds a job, and so on up to the end; empty when something else than work holds it. */
    private List<Integer> chain(int from) {
        List<Integer> chain = new ArrayList<>();
        for (int job = from; isOpen(job); job = held[job].by()) {
            chain.add(job);
            if (held[job].hold() == Hold.END) {
                return chain;
            }
            if (held[job].by() < 0) {
                return List.of();
            }
        }
        return List.of();
    }
}
