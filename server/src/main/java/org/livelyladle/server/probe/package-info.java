/** Thermometers in the broths: a port, asked over HTTP; what they say becomes a fact of the party. */
@NullMarked
package org.livelyladle.server.probe;

import org.jspecify.annotations.NullMarked;
