package org.livelyladle.core.facts;

import java.time.Instant;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.TableState;

/** Something that happened at the table. */
public sealed interface TableEvent {
    /** The order in which things happened, whichever was heard of first. */
    Comparator<TableEvent> IN_ORDER = Comparator.comparing(TableEvent::at).thenComparing(TableEvent::id);

    UUID id();

    Instant at();

    /** How something came out. */
    enum How {
        DONE,
        /** Looked at and left in. */
        NOT_YET,
        /** Out too late, and eaten all the same. */
        OVERDONE,
        /** Not found any more, or fallen down: eaten by nobody. */
        LOST
    }

    record SatDown(UUID id, Instant at) implements TableEvent {}

    /** @param stay all that goes in together when null */
    record PutIn(
            UUID id,
            Instant at,
            String drop,
            @Nullable Integer stay,
            @Nullable String cut,
            @Nullable String side) implements TableEvent {}

    /** @param stay all that is still in when null */
    record TakenOut(
            UUID id, Instant at, String drop, @Nullable Integer stay, How how) implements TableEvent {}

    record Skipped(UUID id, Instant at, String drop) implements TableEvent {}

    record Arrived(UUID id, Instant at, String guest) implements TableEvent {}

    record Left(UUID id, Instant at, String guest) implements TableEvent {}

    record Full(UUID id, Instant at, String guest) implements TableEvent {}

    record Wants(UUID id, Instant at, String guest, String cut) implements TableEvent {}

    record Declined(UUID id, Instant at, String guest, String cut) implements TableEvent {}

    record NeedSaid(UUID id, Instant at, String guest, NeedKind need) implements TableEvent {}

    /** @param drop null for what is done to a side or a pot */
    record Handed(
            UUID id,
            Instant at,
            String to,
            Cue.Act act,
            @Nullable String drop,
            String side) implements TableEvent {}

    /** @param ml [ml] */
    record Poured(UUID id, Instant at, String side, double ml, TableState.Liquid what) implements TableEvent {}

    /** @param share of full [1] */
    record HeatSet(UUID id, Instant at, String pot, double share) implements TableEvent {}

    /**
     * What was measured in a side; null what was not.
     *
     * @param celsius [°C]
     * @param ml broth in it [ml]
     * @param saltPercent [g per 100 g]
     */
    record Read(
            UUID id,
            Instant at,
            String side,
            @Nullable Double celsius,
            @Nullable Double ml,
            @Nullable Double saltPercent)
            implements TableEvent {}

    record FellIn(UUID id, Instant at, String side, String ingredient) implements TableEvent {}

    record OutOf(UUID id, Instant at, String cut) implements TableEvent {}

    record Paused(UUID id, Instant at) implements TableEvent {}

    record Resumed(UUID id, Instant at) implements TableEvent {}

    record Finished(UUID id, Instant at) implements TableEvent {}

    /** Something done to a broth, or for all, that changes nothing of what is cooked. */
    record CueDone(UUID id, Instant at, Cue.Act act, String side) implements TableEvent {}
}
