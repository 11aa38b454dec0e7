package org.livelyladle.core.catalogue;

/** How a cut comes to the table. */
public enum StartState {
    CHILLED,
    AMBIENT,
    FROZEN,
    PRECOOKED,
    /** Dried and soaked before the party. */
    DRIED
}
