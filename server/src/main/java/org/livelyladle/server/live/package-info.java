/** What happens at a party, on every screen at once: one stream for each screen, fed by the database's own news. */
@NullMarked
package org.livelyladle.server.live;

import org.jspecify.annotations.NullMarked;
