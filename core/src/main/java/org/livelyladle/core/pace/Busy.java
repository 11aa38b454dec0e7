package org.livelyladle.core.pace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.table.Cue;

/**
 * How busy the busiest minder is. What one does at one pot within 20 s is one cue.
 *
 * @param name who it is
 * @param cues in all
 * @param most in any two minutes
 * @param mostAt when those begin [s from sitting down]
 */
record Busy(String name, int cues, int most, int mostAt) {
    private static final int ONE_CUE_SECONDS = 20;
    static final int TWO_MINUTES = 120;

    /** @param cues by time */
    static Busy of(Brief brief, List<Cue> cues) {
        Map<String, Map<String, List<Integer>>> atPots = new TreeMap<>();
        for (Cue cue : cues) {
            atPots.computeIfAbsent(Objects.requireNonNullElse(cue.minder(), ""), minder -> new TreeMap<>())
                    .computeIfAbsent(brief.potOf(cue.side()).id(), pot -> new ArrayList<>())
                    .add(cue.at());
        }
        Busy busiest = new Busy("nobody", 0, 0, 0);
        for (Map.Entry<String, Map<String, List<Integer>>> own : atPots.entrySet()) {
            List<Integer> moments = new ArrayList<>();
            own.getValue().values().forEach(actions -> moments.addAll(merged(actions)));
            moments.sort(null);
            if (moments.size() > busiest.cues()) {
                busiest = of(name(brief, own.getKey()), moments);
            }
        }
        return busiest;
    }

    private static Busy of(String name, List<Integer> moments) {
        int most = 0;
        int mostAt = 0;
        for (int i = 0; i < moments.size(); i++) {
            int until = i;
            while (until < moments.size() && moments.get(until) < moments.get(i) + TWO_MINUTES) {
                until++;
            }
            if (until - i > most) {
                most = until - i;
                mostAt = moments.get(i);
            }
        }
        return new Busy(name, moments.size(), most, mostAt);
    }

    private static List<Integer> merged(List<Integer> actions) {
        List<Integer> merged = new ArrayList<>();
        for (int action : actions) {
            if (merged.isEmpty() || action - merged.get(merged.size() - 1) > ONE_CUE_SECONDS) {
                merged.add(action);
            }
        }
        return merged;
    }

    private static String name(Brief brief, String id) {
        return brief.guest(id)
                .map(Guest::name)
                .or(() -> brief.cooks().stream()
                        .filter(cook -> cook.id().equals(id))
                        .map(Cook::name)
                        .findFirst())
                .orElse("whoever minds the pots");
    }
}
