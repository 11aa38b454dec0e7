package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.broths.SidePlan;

/** What is in one side over the evening, and whether one more drop finds room (hard rules H2 and H4). */
final class SideProfile {
    /** A drop's cold load counts this long before the side has recovered [s]; order of 150 to 180, memory. */
    static final int RECOVERY_SECONDS = 150;

    private static final double TOLERANCE = 1e-6;

    private final double roomMl;
    private final double dropLimitG;
    private final int baskets;
    private final List<Placing> inside = new ArrayList<>();

    SideProfile(SidePlan side) {
        this.roomMl = side.room().value();
        this.dropLimitG = side.dropLimit().value();
        this.baskets = side.baskets();
    }

    void add(Placing placing) {
        inside.add(placing);
    }

    void remove(Placing placing) {
        inside.remove(placing);
    }

    /** The rule that forbids the batch at this time, or null when it fits. */
    @Nullable
    String obstacle(Placing candidate, int putIn) {
        if (candidate.loadGrams > dropLimitG + TOLERANCE) {
            return "the drop is larger than the side takes at once";
        }
        double recent = candidate.loadGrams;
        for (Placing other : inside) {
            if (Math.abs(other.putIn - putIn) < RECOVERY_SECONDS) {
                recent += other.loadGrams;
            }
        }
        if (recent > dropLimitG + TOLERANCE) {
            return "too much cold food at once: the simmer would be lost";
        }
        return crowded(candidate, putIn);
    }

    /** Volume and baskets can only peak where some drop goes in. */
    @Nullable
    private String crowded(Placing candidate, int putIn) {
        String here = crowdedAt(candidate, putIn);
        int end = putIn + candidate.duration;
        for (int i = 0; here == null && i < inside.size(); i++) {
            int peak = inside.get(i).putIn;
            if (peak > putIn && peak < end) {
                here = crowdedAt(candidate, peak);
            }
        }
        return here;
    }

    @Nullable
    private String crowdedAt(Placing candidate, int second) {
        double ml = candidate.volumeMl;
        int inBaskets = candidate.byHand ? 0 : 1;
        for (Placing other : inside) {
            if (other.putIn <= second && second < other.putIn + other.duration) {
                ml += other.volumeMl;
                inBaskets += other.byHand ? 0 : 1;
            }
        }
        if (ml > roomMl + TOLERANCE) {
            return "the pot would overflow";
        }
        return inBaskets > baskets ? "no basket is free" : null;
    }
}
