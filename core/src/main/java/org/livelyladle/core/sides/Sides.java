package org.livelyladle.core.sides;

import java.util.List;

/** All sides of the evening, pot by pot. */
public record Sides(List<SidePlan> all) {
    public Sides {
        all = List.copyOf(all);
    }

    public SidePlan side(String id) {
        return all.stream()
                .filter(side -> side.side().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No side '" + id + "'"));
    }
}
