/** What evenings teach a household: shrunken rates, never far from what was usual on the word of one odd evening. */
@NullMarked
package org.livelyladle.core.learning;

import org.jspecify.annotations.NullMarked;
