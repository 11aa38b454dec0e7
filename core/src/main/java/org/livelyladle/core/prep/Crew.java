package org.livelyladle.core.prep;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;

/** The cooks of a party: who may do what, and when each is away. For one plan, by one thread. */
final class Crew {
    /** So far back anybody plans [d]. */
    static final int DAYS_BEFORE = 8;
    /** On the evening itself everybody stays on so long after sitting down [min]. */
    private static final int EVENING_MINUTES = 180;

    /** Away from one minute to another [min from sitting down]. */
    record Away(int from, int to) {}

    final List<Cook> cooks;
    private final List<List<Away>> away;
    private final Map<String, int[]> able = new HashMap<>();

    Crew(Brief brief, PrepClock clock) {
        cooks = brief.cooks().isEmpty() ? List.of(Cook.of("host", "You")) : brief.cooks();
        away = cooks.stream().map(cook -> away(cook, brief, clock)).toList();
    }

    private static List<Away> away(Cook cook, Brief brief, PrepClock clock) {
        List<Away> list = new ArrayList<>();
        LocalDate party = brief.sitDown().toLocalDate();
        for (int d = -DAYS_BEFORE; d <= 1; d++) {
            LocalDate day = party.plusDays(d);
            int until = clock.minute(day.atTime(cook.until()));
            int night = clock.minute(day.plusDays(1).atTime(cook.from()));
            if (d == 0) {
                until = Math.max(until, EVENING_MINUTES);
            }
            if (until < night) {
                list.add(new Away(until, night));
            }
        }
        list.add(new Away(
                clock.minute(party.minusDays(DAYS_BEFORE).atTime(LocalTime.MIN)),
                clock.minute(party.minusDays(DAYS_BEFORE).atTime(cook.from()))));
        cook.busy().forEach(busy -> list.add(new Away(clock.minute(busy.from()), clock.minute(busy.until()))));
        return List.copyOf(list);
    }

    List<Away> away(int cook) {
        return away.get(cook);
    }

    int place(String cook) {
        return IntStream.range(0, cooks.size())
                .filter(i -> cooks.get(i).id().equals(cook))
                .findFirst()
                .orElse(0);
    }

    /** Whom a job may be given: the host's choice, else who can and is no helper, else whoever there is. */
    int[] mayDo(Job job) {
        return able.computeIfAbsent(job.id(), id -> choose(job));
    }

    /** How much longer a job takes than is usual, by the slowest of those it may be given to [1]. */
    double times(Job job, Brief brief) {
        return brief.paces().isEmpty()
                ? 1
                : IntStream.of(mayDo(job))
                        .mapToDouble(
                                cook -> brief.timesOf(job.id(), cooks.get(cook).id()))
                        .max()
                        .orElse(1);
    }

    private int[] choose(Job job) {
        if (job.cook() != null) {
            return new int[] {place(job.cook())};
        }
        int[] skilled = places(i -> !cooks.get(i).helper() && cooks.get(i).can(job.skills()));
        if (skilled.length > 0) {
            return skilled;
        }
        int[] regular = places(i -> !cooks.get(i).helper());
        return regular.length > 0 ? regular : places(i -> true);
    }

    private int[] places(IntPredicate which) {
        return IntStream.range(0, cooks.size()).filter(which).toArray();
    }
}
