package org.livelyladle.core.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.TableState;

/** What is known of the broths besides what is in them. */
final class BrothFacts {
    private final Brief brief;
    private final Thermometers thermometers = new Thermometers();
    private final List<TableState.Pouring> poured = new ArrayList<>();
    private final List<TableState.Heat> heat = new ArrayList<>();

    BrothFacts(Brief brief) {
        this.brief = brief;
    }

    boolean isASide(String id) {
        return brief.sides().stream().map(Side::id).anyMatch(id::equals);
    }

    /** @return why a reading is not believed; nothing where it is */
    Optional<String> read(TableEvent.Read read, int at) {
        return isASide(read.side())
                ? thermometers.read(read, at)
                : Optional.of("Something was measured in a side there is none of: " + read.side());
    }

    /** @return false where there is no such side */
    boolean pour(TableEvent.Poured pour, int at) {
        return isASide(pour.side()) && poured.add(new TableState.Pouring(pour.side(), pour.ml(), pour.what(), at));
    }

    /** @return a side of the pot; nothing where there is no such pot */
    Optional<String> set(String pot, @Nullable Double share, int at) {
        Optional<Side> first = brief.pots().stream()
                .filter(one -> one.id().equals(pot))
                .map(Pot::sides)
                .flatMap(List::stream)
                .findFirst();
        first.ifPresent(side -> heat.add(new TableState.Heat(pot, share, at)));
        return first.map(Side::id);
    }

    /**
     * Heat that somebody had set is as the plan would have it again.
     *
     * @return false where nobody had set any
     */
    boolean setAsPlanned(String side, int at) {
        return !heat.isEmpty()
                && isASide(side)
                && set(brief.potOf(side).id(), null, at).isPresent();
    }

    List<TableState.Reading> readings() {
        return thermometers.readings();
    }

    List<TableState.Pouring> poured() {
        return poured;
    }

    List<TableState.Heat> heat() {
        return heat;
    }
}
