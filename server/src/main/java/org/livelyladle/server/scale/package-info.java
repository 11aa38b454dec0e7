/** A kitchen scale: a port, asked over HTTP. */
@NullMarked
package org.livelyladle.server.scale;

import org.jspecify.annotations.NullMarked;
