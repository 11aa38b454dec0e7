/**
 * Makes the sequence at the table: which side gets what for whom, when it goes in and when it comes out.
 *
 * <p>{@link org.livelyladle.core.sequence.SideAllocator} promises guests with needs their sides, {@link
 * org.livelyladle.core.sequence.SideAssigner} chooses the side of each portion, {@link
 * org.livelyladle.core.sequence.Batcher} forms what goes in together, and {@link
 * org.livelyladle.core.sequence.Sequencer} finds the times.
 */
@NullMarked
package org.livelyladle.core.sequence;

import org.jspecify.annotations.NullMarked;
