package org.livelyladle.core.audit;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.check.Violation;
import org.livelyladle.core.prep.Prep;
import org.livelyladle.core.prep.PrepTask;

/**
 * Looks over the finished tasks of a plan minute by minute on the clock; knows nothing of how they were scheduled.
 *
 * <p>Rules: P1 nothing starts before what it waits for is done. P2 whoever does it may, is there, and does one thing at a
 * time. P3 somebody is at home as long as something is lit. P4 each ring, sink, oven and board holds one thing, fridge and
 * freezer no more than they have room for. P5 a board is washed between raw meat or fish and anything else. P6 when all is
 * done, and that it is late, is said as it is.
 */
public final class PrepAudit {
    private static final int WASH_MINUTES = 4;
    private final Brief brief;
    private final List<PrepTask> tasks;
    private final Map<String, PrepTask> byId;
    private final List<Cook> cooks;
    private final List<Violation> found = new ArrayList<>();

    private PrepAudit(Brief brief, Prep prep) {
        this.brief = brief;
        this.tasks = prep.tasks();
        this.byId = tasks.stream().collect(Collectors.toMap(PrepTask::id, Function.identity()));
        this.cooks = brief.cooks().isEmpty() ? List.of(Cook.of("host", "You")) : brief.cooks();
    }

    public static List<Violation> check(Brief brief, Prep prep) {
        PrepAudit checker = new PrepAudit(brief, prep);
        checker.run(prep);
        return checker.found;
    }

    private void run(Prep prep) {
        for (PrepTask task : tasks) {
            order(task);
            hands(task, prep);
            lit(task);
        }
        pairs();
        counted();
        ready(prep);
    }

    private void report(String rule, String message) {
        found.add(Violation.of(rule, "prep", message));
    }

    private static boolean isOver(PrepTask task) {
        return task.state() == PrepTask.State.DONE;
    }

    private void order(PrepTask task) {
        for (String id : task.after()) {
            PrepTask before = byId.get(id);
            if (before != null
                    && task.state() == PrepTask.State.PLANNED
                    && task.startsAt().isBefore(before.endsAt())) {
                report("P1", task.id() + " starts before " + id + " is done");
            }
        }
    }

    private LocalDateTime handsUntil(PrepTask task) {
        return task.startsAt().plusMinutes(task.hands());
    }

    private void hands(PrepTask task, Prep prep) {
        if (task.fixed() || task.state() != PrepTask.State.PLANNED) {
            return;
        }
        Cook cook = cooks.stream()
                .filter(c -> c.id().equals(task.cook()))
                .findFirst()
                .orElse(null);
        if (cook == null) {
            report("P2", task.id() + " is nobody's");
            return;
        }
        boolean said = prep.problems().stream()
                .anyMatch(
                        p -> p.kind() == Prep.Problem.Kind.UNSKILLED && p.task().equals(task.id()));
        if (!said && !cook.can(Skill.of(task.at(), false))) {
            report("P2", task.id() + " is not for " + cook.id());
        }
        if (cook.helper() && !task.pinned() && cooks.stream().anyMatch(other -> !other.helper())) {
            report("P2", task.id() + " went to a helper unasked");
        }
        if (!isThere(cook, task.startsAt(), handsUntil(task))) {
            report("P2", cook.id() + " is away at " + task.startsAt() + " for " + task.id());
        }
    }

    private boolean isThere(Cook cook, LocalDateTime from, LocalDateTime until) {
        for (LocalDateTime minute = from; minute.isBefore(until); minute = minute.plusMinutes(1)) {
            if (!isThere(cook, minute)) {
                return false;
            }
        }
        return true;
    }

    private boolean isThere(Cook cook, LocalDateTime minute) {
        LocalTime time = minute.toLocalTime();
        LocalDate party = brief.sitDown().toLocalDate();
        boolean evening = minute.toLocalDate().equals(party)
                && !time.isBefore(cook.from())
                && minute.isBefore(brief.sitDown().plusHours(3));
        boolean day = !time.isBefore(cook.from()) && time.isBefore(cook.until());
        return (day || evening)
                && cook.busy().stream().noneMatch(b -> !minute.isBefore(b.from()) && minute.isBefore(b.until()));
    }

    /** Somebody is at home as long as something is lit. */
    private void lit(PrepTask task) {
        if (!task.at().isLit() || isOver(task) || task.state() == PrepTask.State.RUNNING) {
            return;
        }
        for (LocalDateTime minute = task.startsAt(); minute.isBefore(task.endsAt()); minute = minute.plusMinutes(1)) {
            LocalDateTime now = minute;
            boolean watched = cooks.stream()
                    .anyMatch(cook -> isThere(cook, now)
                            && tasks.stream()
                                    .noneMatch(trip -> trip.fixed()
                                            && trip.hands() > 0
                                            && cook.id().equals(trip.cook())
                                            && !now.isBefore(trip.startsAt())
                                            && now.isBefore(trip.endsAt())));
            if (!watched) {
                report("P3", "nobody is at home at " + now + " for " + task.id());
                return;
            }
        }
    }

    private static boolean overlap(LocalDateTime a, LocalDateTime aEnd, LocalDateTime b, LocalDateTime bEnd) {
        return a.isBefore(bEnd) && b.isBefore(aEnd);
    }

    private void pairs() {
        List<PrepTask> open = tasks.stream()
                .filter(task -> task.state() == PrepTask.State.PLANNED)
                .toList();
        for (int i = 0; i < open.size(); i++) {
            for (int j = i + 1; j < open.size(); j++) {
                pair(open.get(i), open.get(j));
            }
        }
    }

    private void pair(PrepTask a, PrepTask b) {
        if (a.cook() != null
                && a.cook().equals(b.cook())
                && !(a.fixed() && b.fixed())
                && overlap(a.startsAt(), handsUntil(a), b.startsAt(), handsUntil(b))) {
            report("P2", a.cook() + " is at " + a.id() + " and " + b.id());
        }
        boolean counted = a.at() == b.at()
                && List.of(Station.SINK, Station.RING, Station.OVEN).contains(a.at());
        boolean exists = brief.kitchen().count(a.at()) > 0;
        if (counted && exists && a.unit() == b.unit() && overlap(a.startsAt(), a.endsAt(), b.startsAt(), b.endsAt())) {
            report("P4", a.at() + " " + a.unit() + " is taken by " + a.id() + " and " + b.id());
        }
        if (a.at().isBoard() && b.at().isBoard() && a.unit() == b.unit()) {
            board(a, b);
        }
    }

    private void board(PrepTask a, PrepTask b) {
        if (overlap(a.startsAt(), a.endsAt(), b.startsAt(), b.endsAt())) {
            report("P4", "board " + a.unit() + " is taken by " + a.id() + " and " + b.id());
            return;
        }
        PrepTask first = a.startsAt().isBefore(b.startsAt()) ? a : b;
        PrepTask then = first == a ? b : a;
        boolean neighbours = tasks.stream()
                .noneMatch(task -> task.at().isBoard()
                        && task.unit() == a.unit()
                        && task.startsAt().isAfter(first.startsAt())
                        && task.startsAt().isBefore(then.startsAt()));
        if (neighbours && first.at().isRaw() && first.at() != then.at()) {
            Optional<PrepTask> wash = tasks.stream()
                    .filter(task -> task.id().startsWith("wash:")
                            && !task.startsAt().isBefore(first.endsAt())
                            && !task.endsAt().isAfter(then.startsAt())
                            && Duration.between(task.startsAt(), task.endsAt()).toMinutes() >= WASH_MINUTES)
                    .findFirst();
            if (wash.isEmpty()) {
                report("P5", "board " + a.unit() + " is not washed between " + first.id() + " and " + then.id());
            }
        }
    }

    /** Units within what the kitchen has; litres by the minute. */
    private void counted() {
        Kitchen kitchen = brief.kitchen();
        for (PrepTask task : tasks) {
            int there = kitchen.count(task.at());
            if (!task.at().isCold() && there > 0 && task.unit() >= there) {
                report("P4", task.id() + " is at " + task.at() + " " + task.unit() + " of " + there);
            }
            if (task.at().isCold() && there > 0 && task.state() == PrepTask.State.PLANNED) {
                int used = tasks.stream()
                        .filter(other -> other.at() == task.at()
                                && other.state() == PrepTask.State.PLANNED
                                && !other.startsAt().isAfter(task.startsAt())
                                && other.endsAt().isAfter(task.startsAt()))
                        .mapToInt(other -> Math.min(other.litres(), there))
                        .sum();
                if (used > there) {
                    report("P4", task.at() + " holds " + used + " l at " + task.startsAt());
                }
            }
        }
    }

    private void ready(Prep prep) {
        LocalDateTime last = tasks.stream()
                .filter(task -> !task.fixed() && !isOver(task))
                .map(PrepTask::endsAt)
                .max(LocalDateTime::compareTo)
                .orElse(prep.readyAt());
        LocalDateTime buffer = brief.sitDown().minusMinutes(brief.bufferMinutes());
        LocalDateTime expected = last.isAfter(buffer) ? last : buffer;
        if (!prep.readyAt().equals(expected)) {
            report("P6", "ready at " + expected + ", not " + prep.readyAt());
        }
        boolean late = prep.problems().stream()
                .anyMatch(p -> p.kind() == Prep.Problem.Kind.LATE || p.kind() == Prep.Problem.Kind.BUFFER);
        if (late != last.isAfter(buffer)) {
            report("P6", late ? "said late, and is not" : "late, and not said");
        }
    }
}
