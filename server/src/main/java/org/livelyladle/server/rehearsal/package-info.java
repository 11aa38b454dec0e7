/** Rehearsals as jobs beside the plan. */
@NullMarked
package org.livelyladle.server.rehearsal;

import org.jspecify.annotations.NullMarked;
