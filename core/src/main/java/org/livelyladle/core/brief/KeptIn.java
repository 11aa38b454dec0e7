package org.livelyladle.core.brief;

/** Where something on the menu comes from. */
public enum KeptIn {
    /** It is bought for the party. */
    SHOP,
    /** It is in the house already, all that is needed of it. */
    FRIDGE,
    /** It is in the own freezer, all that is needed of it. */
    FREEZER
}
