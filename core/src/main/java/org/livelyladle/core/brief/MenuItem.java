package org.livelyladle.core.brief;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/**
 * A cut that is on the menu.
 *
 * @param fromFrozen put in straight from the freezer although the cut is meant thawed
 * @param sizePercent how thick this host cuts it, against the catalogue's size [%]; 100 when left out
 * @param ready bought ready for the table: nothing but setting out; false when left out
 */
public record MenuItem(
        String cut,
        boolean fromFrozen,
        @Nullable Integer sizePercent,
        @Nullable Boolean ready) {
    private static final int USUAL = 100;

    public MenuItem {
        Check.id(cut, "cut");
        if (sizePercent != null) {
            Check.range(sizePercent, "sizePercent", 40, 250);
            sizePercent = sizePercent == USUAL ? null : sizePercent;
        }
    }

    public static MenuItem of(String cut) {
        return new MenuItem(cut, false, null, null);
    }

    public boolean isReady() {
        return Boolean.TRUE.equals(ready);
    }

    /** The same cut, bought ready for the table. */
    public MenuItem boughtReady() {
        return new MenuItem(cut, fromFrozen, sizePercent, true);
    }

    /** Every dimension of the cut against the catalogue's [1]. */
    public double scale() {
        return (sizePercent == null ? USUAL : sizePercent) / 100.0;
    }
}
