package org.livelyladle.core.catalogue;

/** Where a food comes from; decides what vegans and vegetarians eat. */
public enum Origin {
    PLANT,
    EGG,
    MILK,
    FISH,
    MEAT;

    /** True for meat, fish and shellfish. */
    public boolean isFlesh() {
        return this == FISH || this == MEAT;
    }
}
