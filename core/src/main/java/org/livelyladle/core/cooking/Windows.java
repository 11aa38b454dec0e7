package org.livelyladle.core.cooking;

import static java.util.stream.Collectors.groupingBy;

import java.util.List;
import java.util.Map;

/** The windows of a menu. Sides whose temperatures are alike share theirs. */
public final class Windows {
    private final List<CookingWindow> all;
    private final Map<String, List<CookingWindow>> byCut;
    private final Map<CookingWindow, Integer> pink;

    /** @param pink for windows of cuts somebody wants pink, when they are [s after putting in] */
    Windows(List<CookingWindow> all, Map<CookingWindow, Integer> pink) {
        this.all = List.copyOf(all);
        this.byCut = all.stream().collect(groupingBy(CookingWindow::cut));
        this.pink = Map.copyOf(pink);
    }

    /** All of them, in menu order. */
    public List<CookingWindow> all() {
        return all;
    }

    /** The window of a cut in a side; any of the cut's when no side has that id. */
    public CookingWindow of(String cut, String side) {
        List<CookingWindow> own = byCut.get(cut);
        if (own == null) {
            throw new IllegalArgumentException("'" + cut + "' is not on the menu");
        }
        return own.stream()
                .filter(window -> window.sides().contains(side))
                .findFirst()
                .orElse(own.get(0));
    }

    /** The window of a cut where the side does not matter. */
    public CookingWindow of(String cut) {
        return of(cut, "");
    }

    /** When a cut is pink inside in a side, before it is safe [s after putting in]; good to eat where nobody wants it pink. */
    public int pinkSeconds(String cut, String side) {
        CookingWindow window = of(cut, side);
        return pink.getOrDefault(window, (int) window.pleasant().value());
    }
}
