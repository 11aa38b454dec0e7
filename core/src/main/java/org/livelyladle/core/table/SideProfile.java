package org.livelyladle.core.table;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.broths.SidePlan;

/** What is in one side over the evening, and whether one more drop finds room (hard rules H2, H3 and H4). */
final class SideProfile {
    private static final double TOLERANCE = 1e-6;

    private final double roomMl;
    private final ColdLoad cold;
    private final int baskets;
    private final List<Placing> inside = new ArrayList<>();

    /** @param share of the largest drop and the pace it really takes [1] */
    SideProfile(SidePlan side, double share) {
        this.roomMl = side.room().value();
        this.cold = new ColdLoad(share * side.dropLimit().value(), share * side.pace().value());
        this.baskets = side.baskets();
    }

    void add(Placing placing) {
        inside.add(placing);
        cold.set(inside);
    }

    void remove(Placing placing) {
        inside.remove(placing);
        cold.set(inside);
    }

    /** The rule that forbids the batch at this time, or null when it fits. */
    @Nullable
    String obstacle(Placing candidate, int putIn) {
        if (candidate.coldGrams > cold.limitG() + TOLERANCE) {
            return "the drop is larger than the side takes at once";
        }
        if (cold.isTooMuchWith(candidate, putIn)) {
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
