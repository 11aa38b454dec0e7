/** How a sequence feels: bites and waits, what minders do, and what it scores. */
@NullMarked
package org.livelyladle.core.pace;

import org.jspecify.annotations.NullMarked;
