package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.table.Cue;

/**
 * When to do what can wait: while somebody is at the pot anyway; else when whoever does it has least to do around that
 * moment.
 */
final class QuietMoments {
    /** Moments looked at are so far apart [s]. */
    private static final int STEP_SECONDS = 10;

    private final Brief brief;
    /** When somebody is at each pot [s from sitting down]. */
    private final Map<String, List<Integer>> visits = new TreeMap<>();
    /** When each minder is at some pot [s from sitting down]. */
    private final Map<String, List<Integer>> busy = new TreeMap<>();

    /** @param settled what has its time */
    QuietMoments(Brief brief, List<Cue> settled) {
        this.brief = brief;
        settled.forEach(this::add);
    }

    /** Whoever dips for a child sits there, and has no hand free. */
    private void add(Cue cue) {
        if (cue.act() != Cue.Act.DIP_FOR) {
            visits.computeIfAbsent(pot(cue), pot -> new ArrayList<>()).add(cue.at());
        }
        busy.computeIfAbsent(minder(cue), minder -> new ArrayList<>()).add(cue.at());
    }

    private String pot(Cue cue) {
        return brief.potOf(cue.side()).id();
    }

    private static String minder(Cue cue) {
        return Objects.requireNonNullElse(cue.minder(), "");
    }

    /** Not before its time, and not too late; what comes after it sees it done then. */
    Cue settle(Cue cue) {
        Cue settled = cue.doneAt(onAVisit(cue).orElseGet(() -> quietest(cue)));
        add(settled);
        return settled;
    }

    private OptionalInt onAVisit(Cue cue) {
        return visits.getOrDefault(pot(cue), List.of()).stream()
                .filter(at -> at >= cue.at() && at <= cue.latest())
                .mapToInt(at -> at)
                .min();
    }

    private int quietest(Cue cue) {
        List<Integer> others = busy.getOrDefault(minder(cue), List.of());
        int best = cue.at();
        long least = Long.MAX_VALUE;
        for (int at = cue.at(); at <= cue.latest(); at += STEP_SECONDS) {
            int moment = at;
            long around = others.stream()
                    .filter(other -> Math.abs(other - moment) < Busy.TWO_MINUTES)
                    .count();
            if (around < least) {
                least = around;
                best = at;
            }
        }
        return best;
    }
}
