/** What came of an evening: said by the host, kept beside the party, turned into what a household learns from. */
@NullMarked
package org.livelyladle.core.afterwards;

import org.jspecify.annotations.NullMarked;
