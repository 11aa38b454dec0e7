package org.livelyladle.core.portions;

/**
 * A cut of the menu a guest does not get, and why in a few words.
 *
 * @param byWish the guest does not want it, and nothing else keeps them from it
 * @param instead the most alike cut that suits the guest, on the menu before one of the catalogue; empty without one
 */
public record Barred(String guest, String cut, boolean byWish, String reason, String instead) {}
