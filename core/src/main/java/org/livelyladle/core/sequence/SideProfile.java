package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.sequence.Constraint.Breach;
import org.livelyladle.core.sides.SidePlan;

/** What is in one side over the evening, and whether one more drop finds room (hard rules H2, H3 and H4). */
final class SideProfile {
    private static final double TOLERANCE = 1e-6;

    private final String side;
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
        this.side = side.side();
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

    List<Constraint> constraints() {
        return List.of(this::isTooCool, this::isTooLarge, this::cools, this::overflows, this::lacksABasket);
    }

    private Breach breach(String rule, double had, double limit, String text) {
        return new Breach(rule, side, had, limit, text);
    }

    private @Nullable Breach isTooCool(Placing candidate, int putIn, int linger) {
        return wait != null && candidate.needsTheFloor && putIn < wait.until()
                ? breach("H3", putIn, wait.until(), wait.why())
                : null;
    }

    private @Nullable Breach isTooLarge(Placing candidate, int putIn, int linger) {
        return candidate.coldGrams > cold.limitG() + TOLERANCE
                ? breach("H3", candidate.coldGrams, cold.limitG(), "the drop is larger than the side takes at once")
                : null;
    }

    private @Nullable Breach cools(Placing candidate, int putIn, int linger) {
        reckonFor(candidate);
        double load = cold.mostWith(candidate, putIn);
        return load > cold.limitG() + TOLERANCE
                ? breach("H3", load, cold.limitG(), "too much cold food at once: the simmer would be lost")
                : null;
    }

    private @Nullable Breach overflows(Placing candidate, int putIn, int linger) {
        reckonFor(candidate);
        double ml = occupancy.mostMl(putIn, putIn + linger + candidate.duration) + candidate.volumeMl;
        return ml > roomMl + TOLERANCE ? breach("H2", ml, roomMl, "the pot would overflow") : null;
    }

    private @Nullable Breach lacksABasket(Placing candidate, int putIn, int linger) {
        if (candidate.baskets == 0) {
            return null;
        }
        reckonFor(candidate);
        int taken = occupancy.mostBaskets(putIn, putIn + linger + candidate.duration) + candidate.baskets;
        return taken > baskets ? breach("H4", taken, baskets, "no basket is free") : null;
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
}
