package org.livelyladle.core.brief;

import java.util.List;

/**
 * A pot on the table, split into equal sides.
 *
 * @param capacityMl to the brim, all sides together [ml]
 * @param fillPercent how full it is filled [% of capacity]; half by common practice, two thirds at most
 * @param basketsPerSide strainers that fit into one side at a time
 */
public record Pot(String id, String name, int capacityMl, int fillPercent, int basketsPerSide, List<Side> sides) {
    public static final int MOST_SIDES = 3;

    public Pot {
        Check.id(id, "id");
        name = Check.text(name, "name", 40);
        Check.range(capacityMl, "capacityMl", 300, 20_000);
        Check.range(fillPercent, "fillPercent", 25, 67);
        Check.range(basketsPerSide, "basketsPerSide", 1, 8);
        sides = Check.distinct(sides, "sides", MOST_SIDES, Side::id);
        Check.range(sides.size(), "sides", 1, MOST_SIDES);
    }
}
