package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.sides.SidePlan;

/** What is in one side over the evening, and whether one more drop finds room (hard rules H2, H3 and H4). */
final class SideProfile {
    private static final double TOLERANCE = 1e-6;

    private final double roomMl;
    private final ColdLoad cold;
    private final int baskets;
    private final SideLimits.@Nullable Wait wait;
    private final List<Placing> inside = new ArrayList<>();
    private final Occupancy occupancy = new Occupancy();
    private boolean isChanged;
    /** Load and room are those of all that is inside but this. */
    private @Nullable Placing leftOut;

    /** @param limits of the largest drop and the pace it really takes */
    SideProfile(SidePlan side, SideLimits limits) {
        double share = limits.share(side.side());
        this.wait = limits.waits().get(side.side());
        this.roomMl = side.room().value();
        this.cold = new ColdLoad(
                share * side.dropLimit().value(), share * side.pace().value());
        this.baskets = side.baskets();
    }

    void add(Placing placing) {
        inside.add(placing);
        isChanged = true;
    }

    void remove(Placing placing) {
        inside.remove(placing);
        isChanged = true;
    }

    /** Too much for the side even if nothing else were in it. */
    boolean neverTakes(Placing candidate) {
        return candidate.coldGrams > cold.limitG() + TOLERANCE || candidate.volumeMl > roomMl + TOLERANCE;
    }

    /** The rule that forbids the batch at this time, whenever it is inside now, or null when it fits. */
    @Nullable
    String obstacle(Placing candidate, int putIn, int linger) {
        if (wait != null && candidate.needsTheFloor && putIn < wait.until()) {
            return wait.why();
        }
        if (candidate.coldGrams > cold.limitG() + TOLERANCE) {
            return "the drop is larger than the side takes at once";
        }
        reckonFor(candidate);
        if (cold.isTooMuchWith(candidate, putIn)) {
            return "too much cold food at once: the simmer would be lost";
        }
        return crowded(candidate, putIn, putIn + linger + candidate.duration);
    }

    private void reckonFor(Placing candidate) {
        Placing own = candidate.isOnBoard ? candidate : null;
        if (isChanged) {
            cold.set(inside);
            occupancy.set(inside);
        }
        if (isChanged || own != leftOut) {
            cold.reckon(own);
            occupancy.reckon(own);
        }
        isChanged = false;
        leftOut = own;
    }

    @Nullable
    private String crowded(Placing candidate, int putIn, int lastOut) {
        Occupancy.Most most = occupancy.most(putIn, lastOut);
        if (most.ml() + candidate.volumeMl > roomMl + TOLERANCE) {
            return "the pot would overflow";
        }
        return candidate.baskets > 0 && most.baskets() + candidate.baskets > baskets ? "no basket is free" : null;
    }
}
