package org.livelyladle.core.broths;

import java.util.List;
import org.livelyladle.core.sides.SidePlan;

/** All sides and all broths of the evening. */
public record Broths(List<SidePlan> sides, List<BrothNeed> needs) {
    public Broths {
        sides = List.copyOf(sides);
        needs = List.copyOf(needs);
    }
}
