package org.livelyladle.core.brief;

/** How people eat from a pot. */
public enum WayOfEating {
    /** Delicate slices are dipped by the eater, slow shared things are looked after. */
    TEND,
    /** Mixed rounds: all of a round is ready together and lifted out into bowls, then soup is ladled. */
    ROUNDS,
    /** Everything goes in by its time before sitting down, and is one bowl. */
    ALL_IN,
    /** Slow things are arranged in the cold pot and boiled up with it; then it is tended. */
    LAYERED,
    /** Everybody cooks their own pieces in a pot of their own: slices dipped, all else put in by the eater. */
    OWN_POT,
    /** Everybody cooks their own pieces: slices dipped, all else in a basket of their own. */
    OWN_BASKET,
    /** Only meat, seafood, balls and tofu are dipped; leaves and cooked noodles stand beside. */
    DIP_AND_WRAP,
    /** Meat and seafood are browned on the plate, then slid into the broth around it, where they get done. */
    PLATE_FIRST
}
