/** The built-in catalogue over HTTP. */
@NullMarked
package org.livelyladle.server.catalogue;

import org.jspecify.annotations.NullMarked;
