package org.livelyladle.core.cooking;

import static java.util.Objects.requireNonNull;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.catalogue.Cut;

/** The windows of a menu. Sides whose temperatures are alike share theirs. */
public final class Windows {
    private final List<CookingWindow> all;
    /** By cut, then side; where the side does not matter under the empty name. */
    private final Map<String, Map<String, CookingWindow>> byCut = new HashMap<>();

    private final Map<CookingWindow, Integer> pink;

    /** @param pink for windows of cuts somebody wants pink, when they are [s after putting in] */
    Windows(List<CookingWindow> all, Map<CookingWindow, Integer> pink) {
        this.all = List.copyOf(all);
        for (CookingWindow window : all) {
            Map<String, CookingWindow> own = byCut.computeIfAbsent(window.cut(), cut -> new HashMap<>());
            own.putIfAbsent("", window);
            window.sides().forEach(side -> own.putIfAbsent(side, window));
        }
        this.pink = Map.copyOf(pink);
    }

    /** All of them, in menu order. */
    public List<CookingWindow> all() {
        return all;
    }

    /** The window of a cut in a side; any of the cut's when no side has that id. */
    public CookingWindow of(Cut cut, String side) {
        CookingWindow there = bySide(cut.id()).get(side);
        return there == null ? of(cut.id()) : there;
    }

    /** The window of a cut where the side does not matter. */
    public CookingWindow of(String cut) {
        return requireNonNull(bySide(cut).get(""));
    }

    private Map<String, CookingWindow> bySide(String cut) {
        Map<String, CookingWindow> own = byCut.get(cut);
        if (own == null) {
            throw new IllegalArgumentException("'" + cut + "' is not on the menu");
        }
        return own;
    }

    /** When a cut is pink inside in a side, before it is safe [s after putting in]; good to eat where nobody wants it pink. */
    public int pinkSeconds(Cut cut, String side) {
        CookingWindow window = of(cut, side);
        return pink.getOrDefault(window, (int) window.pleasant().value());
    }
}
