package org.livelyladle.core.brief;

/**
 * A cut that is on the menu.
 *
 * @param fromFrozen put in straight from the freezer although the cut is meant thawed
 */
public record MenuItem(String cut, boolean fromFrozen) {
    public MenuItem {
        Check.id(cut, "cut");
    }
}
