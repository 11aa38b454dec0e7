/** Documents of earlier format versions, lifted to the newest as they are read. */
@NullMarked
package org.livelyladle.server.format;

import org.jspecify.annotations.NullMarked;
