package org.livelyladle.core.cooking;

import org.livelyladle.core.measure.Figure;

/**
 * When a cut of the menu is good and safe to take out, counted from putting it into simmering broth.
 *
 * @param pleasant good to eat from here [s]
 * @param safe safe from here [s]; 0 without raw risk
 * @param ready both at once: the later of the two [s]
 * @param bestUntil after this it declines [s]
 * @param overcooked ruined from here [s]
 * @param cue what to look for, since a pot is no laboratory
 * @param advice the caution that goes with it; empty without one
 */
public record CookingWindow(
        String cut,
        String name,
        Figure pleasant,
        Figure safe,
        Figure ready,
        Figure bestUntil,
        Figure overcooked,
        String cue,
        String advice) {

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
