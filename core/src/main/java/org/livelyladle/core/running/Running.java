package org.livelyladle.core.running;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TableState;

/**
 * How a table has run up to a moment.
 *
 * @param satDown all seconds count from here
 * @param state what happened
 * @param proposed what was to come when something last went otherwise than planned
 * @param pausedThen pauses it knew of [s]
 * @param isPaused nothing is put in for the time being
 * @param isFinished the meal is over
 * @param isOverdue something should be in by now and is not
 * @param due when what has not been taken out yet should have been, by drop [s from sitting down]
 * @param out ids of drops that came out
 * @param seenTo what was done to broths and for all
 * @param handed cues somebody else sees to
 * @param cold sides that are under their floor
 * @param happened all events so far, in order
 * @param said what was ignored, and why
 */
public record Running(
        Instant satDown,
        TableState state,
        Sequence proposed,
        int pausedThen,
        boolean isPaused,
        boolean isFinished,
        boolean isOverdue,
        Map<String, Integer> due,
        Set<String> out,
        List<SeenTo> seenTo,
        List<Handed> handed,
        Map<String, Cooled> cold,
        List<TableEvent> happened,
        List<String> said) {

    public Running {
        due = Map.copyOf(due);
        out = Set.copyOf(out);
        seenTo = List.copyOf(seenTo);
        handed = List.copyOf(handed);
        cold = Map.copyOf(cold);
        happened = List.copyOf(happened);
        said = List.copyOf(said);
    }

    /**
     * A cue somebody else sees to.
     *
     * @param at when it was handed over [s from sitting down]
     */
    public record Handed(TableEvent.Handed event, int at) {
        /** What is done to a side again and again is handed over once: the one around that time. */
        private static final int AROUND_SECONDS = 600;

        boolean isAbout(Cue cue) {
            boolean isTheDrop = event.drop() != null
                    ? event.drop().equals(cue.drop())
                    : cue.side().equals(event.side()) && Math.abs(cue.at() - at) <= AROUND_SECONDS;
            return cue.act() == event.act() && isTheDrop;
        }
    }

    /** A cue that was seen to [s from sitting down]. */
    public record SeenTo(Cue.Act act, String side, int at) {}
}
