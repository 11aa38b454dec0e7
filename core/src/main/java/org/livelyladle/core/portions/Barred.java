package org.livelyladle.core.portions;

/**
 * A cut of the menu a guest does not get, and why in a few words.
 *
 * @param instead the most alike cut that suits the guest, on the menu before one of the catalogue; empty without one
 */
public record Barred(String guest, String cut, String reason, String instead) {}
