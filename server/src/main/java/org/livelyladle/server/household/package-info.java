/** What a household brings to each new party: shops, prices, pots. */
@NullMarked
package org.livelyladle.server.household;

import org.jspecify.annotations.NullMarked;
