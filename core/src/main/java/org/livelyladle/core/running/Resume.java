package org.livelyladle.core.running;

import java.util.List;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TableState;

/** Sequences the table anew from a state. */
@FunctionalInterface
public interface Resume {
    /**
     * @param happened everything up to this moment, from which all else follows
     * @param before what was to come until then
     * @param pausedBefore pauses that it knew of [s]
     */
    Sequence from(List<TableEvent> happened, Sequence before, int pausedBefore, TableState state);
}
