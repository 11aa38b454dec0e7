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
    /** Room to work in: those inside together with a candidate. */
    private Placing[] meeting = new Placing[16];

    /** @param share of the largest drop and the pace it really takes [1] */
    SideProfile(SidePlan side, double share) {
        this.roomMl = side.room().value();
        this.cold = new ColdLoad(share * side.dropLimit().value(), share * side.pace().value());
        this.baskets = side.baskets();
    }

    void add(Placing placing) {
        inside.add(placing);
        if (inside.size() > meeting.length) {
            meeting = new Placing[2 * meeting.length];
        }
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

    /** Volume and baskets can only peak where some drop goes in; only what is inside at the same time matters. */
    @Nullable
    private String crowded(Placing candidate, int putIn) {
        int end = putIn + candidate.duration;
        int beside = 0;
        for (Placing other : inside) {
            if (other.putIn < end && putIn < other.putIn + other.duration) {
                meeting[beside++] = other;
            }
        }
        String here = crowdedAt(candidate, putIn, beside);
        for (int i = 0; here == null && i < beside; i++) {
            if (meeting[i].putIn > putIn) {
                here = crowdedAt(candidate, meeting[i].putIn, beside);
            }
        }
        return here;
    }

    @Nullable
    private String crowdedAt(Placing candidate, int second, int beside) {
        double ml = candidate.volumeMl;
        int inBaskets = candidate.byHand ? 0 : 1;
        for (int i = 0; i < beside; i++) {
            Placing other = meeting[i];
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
