/** Asks a market for today's prices and tells a host what they would change. Nothing is taken over unasked. */
@NullMarked
package org.livelyladle.server.market;

import org.jspecify.annotations.NullMarked;
