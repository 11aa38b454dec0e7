package org.livelyladle.core.catalogue;

/** Raw food that passes its best alike. */
public enum Family {
    LEAN_MEAT,
    FAT_MEAT,
    POULTRY,
    FISH,
    SHELLFISH,
    /** Balls and cakes of minced meat or fish. */
    PASTE,
    /** Dumplings and filled balls. */
    FILLED
}
