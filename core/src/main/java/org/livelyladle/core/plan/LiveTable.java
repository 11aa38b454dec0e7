package org.livelyladle.core.plan;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.kettle.Cooled;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.running.NowWriter;
import org.livelyladle.core.running.Resume;
import org.livelyladle.core.running.Running;
import org.livelyladle.core.running.TableFold;
import org.livelyladle.core.sequence.Care;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Sequence;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** The table at a moment: as planned before anybody sat down, as it runs after. */
final class LiveTable {
    /** A meal nobody ended is over so long after it should have been; memory [s]. */
    private static final int LONG_AFTER_SECONDS = 3600;

    private final Stages stages;
    private final Foresight base;
    private final Recent<Resumed, Resume.Rest> resumed;

    /** What a sequence that was gone on from follows from. */
    record Resumed(Brief brief, List<TableEvent> happened) {}

    /** @param resumed remembers what was sequenced for moments before, so that each is sequenced once */
    LiveTable(Stages stages, Foresight base, Recent<Resumed, Resume.Rest> resumed) {
        this.stages = stages;
        this.base = base;
        this.resumed = resumed;
    }

    /**
     * The table and what is foreseen of the evening.
     *
     * @param isRunning not as planned: people eat
     */
    record Seen(TablePlan table, Foresight foresight, boolean isRunning) {}

    /** @param own takes the figures of the table and the evening */
    Seen at(Instant asOf, List<TableEvent> events, Ledger own) {
        Optional<Running> running = TableFold.at(
                asOf, stages.brief(), stages.catalogue(), stages.sides(), base.table(), events, this::resume);
        if (running.isEmpty() || isOver(running.get())) {
            own.absorb(base.ledger());
            TablePlan planned = stages.table(base, TableState.empty(), own);
            return new Seen(running.map(run -> planned.at(over(run))).orElse(planned), base, false);
        }
        Foresight foresight = foresight(running.get());
        own.absorb(foresight.ledger());
        TablePlan table = stages.table(foresight, running.get().state(), own);
        return new Seen(table.at(now(running.get(), table, foresight)), foresight, true);
    }

    /** Nothing is in a pot any more, or nobody has said anything for long. */
    private boolean isOver(Running running) {
        int planned = running.state().turnedOut(stages.brief()).mealMinutes() * 60;
        return running.isFinished() && running.due().isEmpty()
                || running.state().at() > planned + LONG_AFTER_SECONDS;
    }

    private static Now over(Running running) {
        return Now.over(running.state().at(), running.satDown().toString());
    }

    private Foresight foresight(Running running) {
        TableState state = running.state();
        boolean mayStand = !running.isOverdue() && !running.isPaused();
        Optional<Foresight> standing = mayStand ? stages.asItStands(base, running.proposed(), state) : Optional.empty();
        return standing.orElseGet(
                () -> stages.goOn(base, running.cold(), running.proposed(), running.pausedThen(), state, Care.QUICK));
    }

    private Now now(Running running, TablePlan table, Foresight foresight) {
        boolean isAsPlanned = foresight.table().reasons().equals(base.table().reasons());
        return new NowWriter(
                        running.state().turnedOut(stages.brief()),
                        stages.catalogue(),
                        stages.text(),
                        running,
                        table,
                        isAsPlanned ? List.of() : foresight.table().reasons(),
                        stages.portions(),
                        foresight.evening())
                .write();
    }

    private Resume.Rest resume(List<TableEvent> happened, Sequence before, int pausedBefore, TableState state) {
        return resumed.get(new Resumed(stages.brief(), happened), () -> {
            Map<String, Cooled> cooled = stages.cooled(state);
            return new Resume.Rest(
                    stages.goOn(base, cooled, before, pausedBefore, state, Care.FULL)
                            .table(),
                    cooled);
        });
    }
}
