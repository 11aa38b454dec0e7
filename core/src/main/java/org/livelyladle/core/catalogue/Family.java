package org.livelyladle.core.catalogue;

/** Raw food that passes its best alike. */
public enum Family {
    LEAN_MEAT,
    FAT_MEAT,
    POULTRY,
    FISH,
    /** Prawns and their like. */
    SHELLFISH,
    /** Scallops, squid, octopus, oysters. */
    MOLLUSC,
    /** Balls and cakes of minced meat or fish, filled ones too. */
    PASTE,
    /** Dumplings and wontons. */
    FILLED
}
