package org.livelyladle.server.calendar;

import org.jspecify.annotations.Nullable;

/**
 * Where calendars can subscribe to a party.
 *
 * @param path on this server, secret; null as long as there is none
 */
record CalendarAddress(@Nullable String path) {}
