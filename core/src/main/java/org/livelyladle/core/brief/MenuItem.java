package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * A cut that is on the menu.
 *
 * @param fromFrozen put in straight from the freezer although the cut is meant thawed
 * @param sizePercent how thick this host cuts it, against the catalogue's size [%]; 100 when left out
 * @param tending who looks after it in the broth; as usual for the cut when left out
 * @param eatenLast left in the broth as long as it stays good, and eaten in the end; false when left out
 * @param with another cut of the menu that is eaten together with it; none when left out
 * @param inSides the only sides it goes into; any when left out
 * @param bought the state it is bought in; what its offers say when left out, else the cut's usual one
 * @param keptIn where it comes from; the shop when left out
 * @param cooked its maker has cooked it, the packet says so; null counts as raw as long as nobody has said
 * @param beside it stands beside the pots: noodles and rice are cooked for the bowls, leaves are eaten raw; false when left
 *     out
 * @param amount how much there is to be of it, in the host's words; shared by the portions when left out
 * @param secondsGrams held back on a plate for second helpings, besides everybody's portion [g]; nothing when left out
 */
public record MenuItem(
        String cut,
        boolean fromFrozen,
        @Within(min = 40, max = 250) @Usual("100") int sizePercent,
        @Nullable Tending tending,
        @Usual("false") boolean eatenLast,
        @Nullable String with,
        @Key({}) @Nullable List<String> inSides,
        @Nullable Bought bought,
        @Usual("SHOP") KeptIn keptIn,
        @Nullable Boolean cooked,
        @Usual("false") boolean beside,
        @Nullable Amount amount,
        @Within(min = 10, max = 5000) @Nullable Integer secondsGrams) {
    private static final Ranges RANGES = Ranges.of(MenuItem.class);
    private static final int USUAL = 100;

    public MenuItem {
        Check.id(cut, "cut");
        RANGES.check("sizePercent", sizePercent);
        Check.present(keptIn, "keptIn");
        RANGES.check("secondsGrams", secondsGrams);
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

    /** As it comes, thawed and shared by the portions. */
    public static MenuItem of(String cut) {
        return of(cut, false, USUAL);
    }

    /**
     * Cut to a size.
     *
     * @param sizePercent against the catalogue's size [%]
     */
    public static MenuItem of(String cut, boolean fromFrozen, int sizePercent) {
        return new MenuItem(
                cut, fromFrozen, sizePercent, null, false, null, null, null, KeptIn.SHOP, null, false, null, null);
    }

    /** The same cut, cooked by whoever made it or raw. */
    public MenuItem cooked(boolean byMaker) {
        return copy(with, inSides, bought, byMaker, amount, secondsGrams);
    }

    /** The same cut, bought in a state. */
    public MenuItem bought(Bought state) {
        return copy(with, inSides, state, cooked, amount, secondsGrams);
    }

    /** The same cut, nothing said of how much there is to be, and no plate held back. */
    public MenuItem withoutAmount() {
        return copy(with, inSides, bought, cooked, null, null);
    }

    /** The same cut, so much of it. */
    public MenuItem serving(Amount amount) {
        return copy(with, inSides, bought, cooked, amount, secondsGrams);
    }

    /** The same cut, eaten with another one and in other sides. */
    public MenuItem eatenWith(@Nullable String with, @Nullable List<String> inSides) {
        return copy(with, inSides, bought, cooked, amount, secondsGrams);
    }

    /** The same cut, looked after otherwise. */
    public MenuItem tended(Tending other) {
        return new MenuItem(
                cut,
                fromFrozen,
                sizePercent,
                other,
                eatenLast,
                with,
                inSides,
                bought,
                keptIn,
                cooked,
                beside,
                amount,
                secondsGrams);
    }

    /** Another cut of the same food, bought and kept like this one. */
    public MenuItem as(String other) {
        return new MenuItem(other, false, USUAL, null, false, null, null, bought, keptIn, cooked, false, null, null);
    }

    private MenuItem copy(
            @Nullable String with,
            @Nullable List<String> inSides,
            @Nullable Bought bought,
            @Nullable Boolean cooked,
            @Nullable Amount amount,
            @Nullable Integer secondsGrams) {
        return new MenuItem(
                cut,
                fromFrozen,
                sizePercent,
                tending,
                eatenLast,
                with,
                inSides,
                bought,
                keptIn,
                cooked,
                beside,
                amount,
                secondsGrams);
    }

    /** On the plate for second helpings [g]; whoever says how many packs there are has none besides. */
    public double heldBackGrams() {
        return secondsGrams == null || amount != null && amount.unit().isAsBought() ? 0 : secondsGrams;
    }

    public boolean isCookedByMaker() {
        return Boolean.TRUE.equals(cooked);
    }

    /** All that is needed of it is in the house. */
    public boolean isAtHome() {
        return keptIn != KeptIn.SHOP;
    }

    /** It comes out of the freezer straight into the broth. */
    public boolean goesInFrozen(Cut known) {
        return fromFrozen || known.start() == StartState.FROZEN;
    }

    /** Who looks after it, the cut's usual where the host said nothing. */
    public Tending tendingOf(boolean dipped) {
        return Objects.requireNonNullElse(tending, dipped ? Tending.DIP : Tending.SHARED);
    }

    /** Whether the host lets it go into a side. */
    public boolean mayGoInto(String side) {
        return inSides == null || inSides.contains(side);
    }

    /** The cut in the state it comes to the table. */
    Cut stateOf(Cut known) {
        return isCookedByMaker() && known.makerCooks() ? known.cookedByMaker() : known;
    }

    /** Every dimension of the cut against the catalogue's [1]. */
    public double scale() {
        return sizePercent / 100.0;
    }
}
