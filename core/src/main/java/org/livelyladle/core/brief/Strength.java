package org.livelyladle.core.brief;

/** How strict a need is. */
public enum Strength {
    /** Does not eat it; contact is no matter. */
    DISLIKE,
    /** Eats neither it nor what was cooked with it. */
    DIET,
    /** Allergy or medical: also wants a pot of its own against splashes. */
    MEDICAL
}
