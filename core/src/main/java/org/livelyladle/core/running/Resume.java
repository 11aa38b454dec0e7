package org.livelyladle.core.running;

import java.util.List;
import java.util.Map;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TableState;

/** Sequences the table anew from a state. */
@FunctionalInterface
public interface Resume {
    /**
     * What is to come.
     *
     * @param cooled sides that are under their floor
     */
    record Rest(Sequence sequence, Map<String, Cooled> cooled) {
        public Rest {
            cooled = Map.copyOf(cooled);
        }
    }

    /**
     * @param happened everything up to this moment, from which all else follows
     * @param before what was to come until then
     * @param pausedBefore pauses that it knew of [s]
     */
    Rest from(List<TableEvent> happened, Sequence before, int pausedBefore, TableState state);
}
