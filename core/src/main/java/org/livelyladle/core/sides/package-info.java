/** What each side of a pot can do: how much it holds, how fast it boils, how much it takes in at a time. */
@NullMarked
package org.livelyladle.core.sides;

import org.jspecify.annotations.NullMarked;
