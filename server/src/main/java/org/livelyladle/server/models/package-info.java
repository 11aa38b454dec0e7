/** The core's models by themselves, for scripts: stateless, nothing is stored, no session and no token. */
@NullMarked
package org.livelyladle.server.models;

import org.jspecify.annotations.NullMarked;
