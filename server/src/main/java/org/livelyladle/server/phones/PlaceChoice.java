package org.livelyladle.server.phones;

import org.jspecify.annotations.Nullable;

/** @param guest whose place, a cook's for a helper; none when left out */
record PlaceChoice(@Nullable String guest) {}
