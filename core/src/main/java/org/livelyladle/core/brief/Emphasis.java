package org.livelyladle.core.brief;

/** What the table is sequenced for where short waits and few things to do stand against each other. */
public enum Emphasis {
    /** One as much as the other. */
    BALANCED,
    /** Whoever minds the pots has less to do; people wait longer. */
    CALM,
    /** People wait as little as can be; there is more to do. */
    QUICK
}
