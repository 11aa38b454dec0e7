/** The simulated evening read: what is poured when, fuel, what goes wrong in the pots, and what to do with what is left. */
@NullMarked
package org.livelyladle.core.evening;

import org.jspecify.annotations.NullMarked;
