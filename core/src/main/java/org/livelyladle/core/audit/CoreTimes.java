package org.livelyladle.core.audit;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.livelyladle.core.catalogue.Cut;

/** Times to a core in broth of an even temperature, remembered: the same few come up again and again. */
public final class CoreTimes {
    private static final int MOST_REMEMBERED = 5000;

    private record Key(Cut cut, double scale, double startC, double brothC, double targetC) {}

    private final Map<Key, Double> known = new ConcurrentHashMap<>();

    /** @return infinite when the broth is no hotter than the core is to be [s] */
    public double seconds(Cut cut, double scale, double startC, double brothC, double targetC) {
        if (brothC <= targetC) {
            return Double.POSITIVE_INFINITY;
        }
        if (known.size() >= MOST_REMEMBERED) {
            known.clear();
        }
        return known.computeIfAbsent(
                new Key(cut, scale, startC, brothC, targetC),
                key -> CoreGrid.of(cut, scale).seconds(startC, second -> brothC, targetC));
    }
}
