/** What the host said: the one versioned document a plan is computed from. Records check themselves; every list is copied and never null. */
@NullMarked
package org.livelyladle.core.brief;

import org.jspecify.annotations.NullMarked;
