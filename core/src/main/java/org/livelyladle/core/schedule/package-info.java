/**
 * Resource-constrained project scheduling: tasks with precedences and renewable resources, the least makespan found.
 *
 * <p>Method: serial schedule generation over activity lists, each schedule improved by double justification (Valls,
 * Ballestin and Quintanilla 2005), lists bred by a genetic search (after Hartmann 1998) from a fixed seed and under a
 * fixed budget of schedules. It ends early at a lower bound. Guaranteed: every precedence and capacity kept, the same
 * answer to the same problem; not guaranteed: the optimum.
 */
@NullMarked
package org.livelyladle.core.schedule;

import org.jspecify.annotations.NullMarked;
