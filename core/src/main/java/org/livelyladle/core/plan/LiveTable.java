package org.livelyladle.core.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.running.NowWriter;
import org.livelyladle.core.running.Running;
import org.livelyladle.core.running.TableFold;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** The table at a moment: as planned before anybody sat down, as it runs after. */
final class LiveTable {
    private final Stages stages;
    private final Foresight base;
    private final Recent<Resumed, Sequence> resumed;

    /** What a sequence that was gone on from follows from. */
    record Resumed(Brief brief, List<TableEvent> happened) {}

    /** @param resumed remembers what was sequenced for moments before, so that each is sequenced once */
    LiveTable(Stages stages, Foresight base, Recent<Resumed, Sequence> resumed) {
        this.stages = stages;
        this.base = base;
        this.resumed = resumed;
    }

    /** The table and what is foreseen of the evening. */
    record Seen(TablePlan table, Foresight foresight) {}

    /** @param own takes the figures of the table and the evening */
    Seen at(Instant asOf, List<TableEvent> events, Ledger own) {
        Optional<Running> running =
                TableFold.at(asOf, stages.brief(), stages.catalogue(), base.table(), events, this::resume);
        return running.map(run -> seen(run, own)).orElseGet(() -> seen(base, TableState.empty(), null, own));
    }

    private Seen seen(Running running, Ledger own) {
        TableState state = running.state();
        boolean mayStand = !running.isOverdue() && !running.isPaused();
        Optional<Foresight> standing = mayStand ? stages.asItStands(base, running.proposed(), state) : Optional.empty();
        Foresight foresight = standing.orElseGet(
                () -> stages.goOn(base, running.proposed(), running.pausedThen(), state, Care.QUICK));
        return seen(foresight, state, running, own);
    }

    private Seen seen(Foresight foresight, TableState state, @Nullable Running running, Ledger own) {
        own.absorb(foresight.ledger());
        TablePlan table = stages.table(foresight, state, own);
        if (running == null) {
            return new Seen(table, foresight);
        }
        boolean isAsPlanned = foresight.table().reasons().equals(base.table().reasons());
        NowWriter now = new NowWriter(
                state.turnedOut(stages.brief()),
                stages.catalogue(),
                stages.text(),
                running,
                table,
                isAsPlanned ? List.of() : foresight.table().reasons(),
                stages.portions(),
                foresight.evening());
        return new Seen(table.at(now.write()), foresight);
    }

    private Sequence resume(List<TableEvent> happened, Sequence before, int pausedBefore, TableState state) {
        return resumed.get(
                new Resumed(stages.brief(), happened),
                () -> stages.goOn(base, before, pausedBefore, state, Care.FULL).table());
    }
}
