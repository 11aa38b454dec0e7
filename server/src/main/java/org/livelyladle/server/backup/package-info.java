/** All that is kept, as one file of open documents, and back. */
@NullMarked
package org.livelyladle.server.backup;

import org.jspecify.annotations.NullMarked;
