/**
 * What has to be done before sitting down, chained backwards from that moment: resource-constrained project scheduling
 * with cooks, absences, rings, boards to be washed and litres of cold room. {@link BaseFinder} finds the timetable,
 * {@link Replanner} leads it through what happens; the tests measure both against OR-Tools CP-SAT on the same jobs.
 */
@NullMarked
package org.livelyladle.core.prep;

import org.jspecify.annotations.NullMarked;
