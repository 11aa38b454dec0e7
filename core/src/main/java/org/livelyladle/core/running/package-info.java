/** The table as it runs: what happened there folded into a state, what that makes of the sequence, and what is to do now. */
@NullMarked
package org.livelyladle.core.running;

import org.jspecify.annotations.NullMarked;
