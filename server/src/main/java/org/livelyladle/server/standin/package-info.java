/** Stand-ins for services and devices of others: each answers over real HTTP on a loopback port of its own. */
@NullMarked
package org.livelyladle.server.standin;

import org.jspecify.annotations.NullMarked;
