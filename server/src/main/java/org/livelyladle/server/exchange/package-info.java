/** Open formats out of the program: what can be taken along or opened elsewhere. */
@NullMarked
package org.livelyladle.server.exchange;

import org.jspecify.annotations.NullMarked;
