package org.livelyladle.core.portions;

/** A cut of the menu a guest does not get, and why in a few words. */
public record Barred(String guest, String cut, String reason) {}
