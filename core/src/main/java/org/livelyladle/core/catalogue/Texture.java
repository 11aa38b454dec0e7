package org.livelyladle.core.catalogue;

/** How a cut feels; one broth makes everything taste alike, textures keep a table lively. */
public enum Texture {
    CRISP,
    SPRINGY,
    STRINGY,
    SILKY,
    SPONGY,
    STICKY,
    TENDER,
    FLOURY
}
