package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/**
 * A cut that is on the menu.
 *
 * @param fromFrozen put in straight from the freezer although the cut is meant thawed
 * @param sizePercent how thick this host cuts it, against the catalogue's size [%]; 100 when left out
 * @param ready bought ready for the table: nothing but setting out; false when left out
 * @param tending who looks after it in the broth; as usual for the cut when left out
 * @param eatenLast left in the broth as long as it stays good, and eaten in the end; false when left out
 * @param with another cut of the menu that is eaten together with it; none when left out
 * @param inSides the only sides it goes into; any when left out
 */
public record MenuItem(
        String cut,
        boolean fromFrozen,
        @Nullable Integer sizePercent,
        @Nullable Boolean ready,
        @Nullable Tending tending,
        @Nullable Boolean eatenLast,
        @Nullable String with,
        @Nullable List<String> inSides) {
    private static final int USUAL = 100;

    public MenuItem {
        Check.id(cut, "cut");
        if (sizePercent != null) {
            Check.range(sizePercent, "sizePercent", 40, 250);
            sizePercent = sizePercent == USUAL ? null : sizePercent;
        }
        if (tending == Tending.PLATE) {
            throw new InvalidInputException("tending", tending, "DIP, BASKET or SHARED; PLATE is a way of a pot");
        }
        if (with != null) {
            Check.id(with, "with");
        }
        inSides = inSides == null || inSides.isEmpty()
                ? null
                : Check.distinct(inSides, "inSides", Brief.MOST_SIDES, side -> side);
    }

    /** Served in the usual way. */
    public MenuItem(String cut, boolean fromFrozen, @Nullable Integer sizePercent, @Nullable Boolean ready) {
        this(cut, fromFrozen, sizePercent, ready, null, null, null, null);
    }

    public static MenuItem of(String cut) {
        return new MenuItem(cut, false, null, null);
    }

    public boolean isReady() {
        return Boolean.TRUE.equals(ready);
    }

    /** The same cut, bought ready for the table. */
    public MenuItem boughtReady() {
        return new MenuItem(cut, fromFrozen, sizePercent, true, tending, eatenLast, with, inSides);
    }

    public boolean isEatenLast() {
        return Boolean.TRUE.equals(eatenLast);
    }

    /** Who looks after it, the cut's usual where the host said nothing. */
    public Tending tendingOf(boolean dipped) {
        return Objects.requireNonNullElse(tending, dipped ? Tending.DIP : Tending.SHARED);
    }

    /** Whether the host lets it go into a side. */
    public boolean mayGoInto(String side) {
        return inSides == null || inSides.contains(side);
    }

    /** Every dimension of the cut against the catalogue's [1]. */
    public double scale() {
        return (sizePercent == null ? USUAL : sizePercent) / 100.0;
    }
}
