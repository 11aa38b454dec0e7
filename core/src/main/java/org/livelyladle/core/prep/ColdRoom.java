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
        held.add(new Held(from, to, litres));
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
            if (minute < start + length && edge.to() > minute && used(minute) + litres > capacity) {
                return held.stream()
                        .filter(h -> h.from() <= minute && h.to() > minute)
                        .mapToInt(Held::to)
                        .min()
                        .orElse(start);
            }
        }
        return start;
    }

    private int used(int minute) {
        return held.stream()
                .filter(h -> h.from() <= minute && h.to() > minute)
                .mapToInt(Held::litres)
                .sum();
    }
}
