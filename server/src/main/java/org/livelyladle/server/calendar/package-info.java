/** Prep as iCalendar (RFC 5545), by file and by subscription, and busy times read from one. */
@NullMarked
package org.livelyladle.server.calendar;

import org.jspecify.annotations.NullMarked;
