package org.livelyladle.core.sequence;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What the foreseen evening has taught about sides that fall under their floor.
 *
 * @param shares for sides that take less at a time than reckoned: part of the largest drop and of the pace [1]
 * @param withoutRaw sides too cool for raw food, however little goes in
 * @param waits sides that are too cool for raw food for the time being
 */
public record SideLimits(Map<String, Double> shares, Set<String> withoutRaw, Map<String, Wait> waits) {
    /**
     * Nothing raw goes in for a while.
     *
     * @param until [s from sitting down]
     * @param why as one would say it
     */
    public record Wait(int until, String why) {}

    /** A side under its floor takes so much less at the next try [1]. */
    private static final double LESS = 0.7;
    /** Less than this is no way to feed anybody [1]. */
    private static final double LEAST = 0.3;

    public SideLimits {
        shares = Map.copyOf(shares);
        withoutRaw = Set.copyOf(withoutRaw);
        waits = Map.copyOf(waits);
    }

    public static SideLimits without(Set<String> tooCool) {
        return new SideLimits(Map.of(), tooCool, Map.of());
    }

    public double share(String side) {
        return shares.getOrDefault(side, 1.0);
    }

    public boolean takesRaw(String side) {
        return !withoutRaw.contains(side);
    }

    /** The same, while nothing raw goes into these sides for some time. */
    public SideLimits waiting(Map<String, Wait> waits) {
        return new SideLimits(shares, withoutRaw, waits);
    }

    /** After a try in which raw food stood in these sides below their floor: less at a time, in the end nothing raw. */
    public SideLimits after(Set<String> tooCool) {
        Map<String, Double> tighter = new TreeMap<>(shares);
        tooCool.forEach(side -> tighter.merge(side, LESS, (a, b) -> a * b));
        Set<String> given = new TreeSet<>(tighter.keySet());
        given.removeIf(side -> tighter.get(side) >= LEAST);
        return new SideLimits(tighter, withoutRaw, waits).barring(given);
    }

    /** Nothing raw into these sides, and all else as a side takes it that need not keep its floor. */
    public SideLimits barring(Set<String> sides) {
        Map<String, Double> rest = new TreeMap<>(shares);
        rest.keySet().removeAll(sides);
        Set<String> barred = new TreeSet<>(withoutRaw);
        barred.addAll(sides);
        return new SideLimits(rest, barred, waits);
    }
}
