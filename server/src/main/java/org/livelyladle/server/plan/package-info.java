/** Plans and workings over HTTP, for stored parties and for briefs that are not stored. */
@NullMarked
package org.livelyladle.server.plan;

import org.jspecify.annotations.NullMarked;
