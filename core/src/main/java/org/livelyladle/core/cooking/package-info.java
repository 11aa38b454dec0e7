/** Cooking windows: when a cut is pleasant, safe, at its best and past it. Times come from the catalogue. */
@NullMarked
package org.livelyladle.core.cooking;

import org.jspecify.annotations.NullMarked;
