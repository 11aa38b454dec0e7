/** Who is signed in. For now the one host of this machine, by itself. */
@NullMarked
package org.livelyladle.server.access;

import org.jspecify.annotations.NullMarked;
