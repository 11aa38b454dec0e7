/** The demo parties, loaded once into an empty database. */
@NullMarked
package org.livelyladle.server.demo;

import org.jspecify.annotations.NullMarked;
