/** How the evening bears mistakes: the table played again and again by a simulator that shares no code with the planner. */
@NullMarked
package org.livelyladle.core.rehearsal;

import org.jspecify.annotations.NullMarked;
