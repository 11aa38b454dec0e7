/** Who asks and what they may: the host of this machine by itself, other devices once they were paired. */
@NullMarked
package org.livelyladle.server.access;

import org.jspecify.annotations.NullMarked;
