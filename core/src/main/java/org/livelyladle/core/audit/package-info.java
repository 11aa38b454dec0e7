/** Checks a finished table sequence from scratch in one-second steps. Shares no code with the sequencer: it has its own reading of needs, loads and windows. */
@NullMarked
package org.livelyladle.core.audit;

import org.jspecify.annotations.NullMarked;
