package org.livelyladle.core.running;

import java.util.Map;
import java.util.TreeMap;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.sides.Sides;

/** Sides that were found under their floor. */
final class ColdSides {
    /** Raw food is looked for again at the latest so long after its side was found not to get hot again [s]; memory. */
    private static final int LONGEST = 3600;

    private final Sides sides;
    private final Map<String, Known> cooled = new TreeMap<>();

    /** @param until raw food is taken to cook no further [s from sitting down] */
    private record Known(Cooled found, int until) {}

    ColdSides(Sides sides) {
        this.sides = sides;
    }

    boolean isUnderItsFloor(String side, double celsius) {
        return celsius < sides.side(side).floor().value();
    }

    boolean isCold(String side, int at) {
        return longer(side, at) > 0;
    }

    /** @return so much longer raw food takes that goes in now [s] */
    int longer(String side, int at) {
        return hotFrom(side, at) - at;
    }

    private int hotFrom(String side, int at) {
        Known known = cooled.get(side);
        return known == null ? at : Math.max(at, known.until());
    }

    /** @return how much longer than was thought raw food in it takes; shorter where negative [s] */
    int found(String side, Cooled found, int at) {
        int until = found.getsBack() ? found.until() : at + LONGEST;
        int before = hotFrom(side, at);
        cooled.put(side, new Known(found, until));
        return until - before;
    }

    /** @return how much longer than was thought raw food in it takes: less, where negative [s] */
    int hot(String side, int at) {
        int before = hotFrom(side, at);
        cooled.remove(side);
        return at - before;
    }

    /** Those that are still taken to be under their floor. */
    Map<String, Cooled> at(int moment) {
        Map<String, Cooled> cold = new TreeMap<>();
        cooled.forEach((side, known) -> {
            if (known.until() > moment) {
                cold.put(side, known.found());
            }
        });
        return cold;
    }
}
