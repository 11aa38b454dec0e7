package org.livelyladle.core.catalogue;

/** What some guests keep away from besides allergens. */
public enum Trait {
    PORK,
    BEEF,
    ALCOHOL,
    MEDICINAL_HERB
}
