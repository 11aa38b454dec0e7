package org.livelyladle.core.kettle;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.livelyladle.core.table.TableState;

/** What people measured in a side and poured into it, up to a moment. */
public final class Found {
    /** What was poured by hand stands for what was to be poured so shortly before or after it [s]; memory. */
    private static final int AROUND = 300;

    private final int known;
    private final Map<Integer, List<TableState.Reading>> read;
    private final NavigableMap<Integer, List<TableState.Pouring>> poured;

    public Found(String side, TableState state) {
        this.known = state.at();
        this.read = state.read().stream()
                .filter(reading -> reading.side().equals(side))
                .collect(groupingBy(TableState.Reading::at));
        this.poured = state.poured().stream()
                .filter(pouring -> pouring.side().equals(side))
                .collect(groupingBy(TableState.Pouring::at, TreeMap::new, toList()));
    }

    /** Whether anything was measured or poured at a second. */
    boolean isAnythingAt(int second) {
        return read.containsKey(second) || poured.containsKey(second);
    }

    List<TableState.Reading> readAt(int second) {
        return read.getOrDefault(second, List.of());
    }

    List<TableState.Pouring> pouredAt(int second) {
        return poured.getOrDefault(second, List.of());
    }

    boolean isPouredByHandAround(int second) {
        return second <= known
                && !poured.subMap(second - AROUND, true, second + AROUND, true).isEmpty();
    }

    static Pouring.Kind kind(TableState.Liquid what) {
        return switch (what) {
            case WATER -> Pouring.Kind.WATER;
            case RESERVE -> Pouring.Kind.RESERVE;
        };
    }
}
