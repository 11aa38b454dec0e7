package org.livelyladle.core.cooking;

import java.util.List;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.measure.Figure;

/**
 * When a cut of the menu is good and safe to take out, counted from putting it in.
 *
 * @param sides whose temperatures it holds for
 * @param basis whether heat, softening or the catalogue decides
 * @param pleasant good to eat from here, in simmering broth [s]
 * @param safe safe from here even where the side has fallen to its floor [s]; 0 without raw risk
 * @param ready the latest of pleasant, safe and what the trade takes as the least [s]
 * @param bestUntil after this it declines [s]
 * @param overcooked ruined from here, at the boil [s]
 * @param early ready for thinner pieces in rolling broth [s]
 * @param late ready for thicker pieces in still broth [s]
 * @param cue what to look for, since a pot is no laboratory
 * @param advice the caution that goes with it; empty without one
 */
public record CookingWindow(
        String cut,
        String name,
        List<String> sides,
        Basis basis,
        Figure pleasant,
        Figure safe,
        Figure ready,
        Figure bestUntil,
        Figure overcooked,
        Figure early,
        Figure late,
        String cue,
        String advice) {

    public CookingWindow {
        sides = List.copyOf(sides);
    }

    static Basis basis(Governed governed) {
        return switch (governed.by()) {
            case CORE -> Basis.HEAT;
            case SOFTENS -> Basis.SOFTENING;
            case STATED -> Basis.STATED;
        };
    }

    /** Where the times come from. */
    public enum Basis {
        HEAT("computed from heat reaching the core"),
        SOFTENING("the catalogue's time, by thickness and temperature"),
        STATED("the catalogue's time");

        private final String label;

        Basis(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public int readySeconds() {
        return (int) ready.value();
    }

    public int bestUntilSeconds() {
        return (int) bestUntil.value();
    }

    public int overcookedSeconds() {
        return (int) overcooked.value();
    }
}
