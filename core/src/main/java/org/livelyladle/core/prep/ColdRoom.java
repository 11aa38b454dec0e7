package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;

/** Litres of a fridge or freezer taken over time. */
final class ColdRoom {
    private record Held(int from, int to, int litres) {}

    private final int capacity;
    private final List<Held> held = new ArrayList<>();

    ColdRoom(int capacity) {
        this.capacity = capacity;
    }

    void book(int from, int to, int litres) {
        held.add(new Held(from, to, Math.min(litres, capacity)));
    }

    /** The first start from a minute on at which the litres fit so long; more than there is counts as all of it. */
    int earliest(int start, int length, int litres) {
        int wanted = Math.min(litres, capacity);
        int at = start;
        int conflict = conflict(at, length, wanted);
        while (conflict > at) {
            at = conflict;
            conflict = conflict(at, length, wanted);
        }
        return at;
    }

    /** Where the first overfull minute's shortest holding ends; the start itself when there is none. */
    private int conflict(int start, int length, int litres) {
        for (Held edge : held) {
            int minute = Math.max(start, edge.from());
            if (minute < start + length && edge.to() > minute) {
                int used = litres;
                int until = Integer.MAX_VALUE;
                for (Held other : held) {
                    if (other.from() <= minute && other.to() > minute) {
                        used += other.litres();
                        until = Math.min(until, other.to());
                    }
                }
                if (used > capacity) {
                    return until;
                }
            }
        }
        return start;
    }
}
