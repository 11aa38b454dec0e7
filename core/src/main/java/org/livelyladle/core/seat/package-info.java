/** The plan as one person at the table needs it: what is theirs, and nothing of anybody else. */
@NullMarked
package org.livelyladle.core.seat;

import org.jspecify.annotations.NullMarked;
