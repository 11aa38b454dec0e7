package org.livelyladle.core.facts;

import static java.util.Objects.requireNonNull;
import static java.util.Objects.requireNonNullElse;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.TableState;

/**
 * Something that happened as a device tells it, under an id made by the device, so that sending it twice does no harm.
 * Which parts there are follows from the type.
 *
 * @param subject of purchases and tasks: the offer, the task, or the event that is taken back; of a cue handed over: to
 *     whom
 * @param ingredient what was bought, or fell in
 * @param count packs or steps bought
 * @param grams weight bought [g]
 * @param priceCents price paid [cents]
 * @param drop which drop of the plan
 * @param stay which of its stays, from 0; all that goes in or comes out together when left out
 * @param how it came out; done when left out
 * @param ml poured, or measured [ml]
 * @param share of full heat [1]
 * @param celsius as read [°C]
 * @param saltPercent as measured [g per 100 g]
 * @param act which kind of cue was seen to
 * @param event the event taken back, or heard of
 * @param need what a guest keeps away from
 */
public record PartyEvent(
        UUID id,
        Instant at,
        EventType type,
        @Nullable String subject,
        @Nullable String ingredient,
        @Nullable Integer count,
        @Nullable Double grams,
        @Nullable Integer priceCents,
        @Nullable String drop,
        @Nullable Integer stay,
        TableEvent.@Nullable How how,
        @Nullable String guest,
        @Nullable String cut,
        @Nullable String side,
        @Nullable Double ml,
        TableState.@Nullable Liquid what,
        @Nullable String pot,
        @Nullable Double share,
        @Nullable Double celsius,
        @Nullable Double saltPercent,
        Cue.@Nullable Act act,
        @Nullable UUID event,
        @Nullable NeedKind need) {
    /** Before an ingredient's id: bought, though no offer was known of it. */
    public static final String SOMETHING_ELSE = "ingredient:";

    public PartyEvent {
        Check.present(id, "id");
        Check.present(at, "at");
        Check.present(type, "type");
        EventPart.check(
                type,
                subject,
                ingredient,
                count,
                grams,
                priceCents,
                drop,
                stay,
                how,
                guest,
                cut,
                side,
                ml,
                what,
                pot,
                share,
                celsius,
                saltPercent,
                act,
                event,
                need);
        if (type == EventType.READ && celsius == null && ml == null && saltPercent == null) {
            throw new InvalidInputException("celsius", "missing", "celsius, ml or saltPercent for READ");
        }
    }

    /**
     * As it must have been: a device whose clock is ahead cannot have seen it after it was heard of. At the table seconds
     * count from one event to the next, and an evening may be gone through before its day: there the device is believed.
     */
    public PartyEvent noLaterThan(Instant heard) {
        return at.isAfter(heard) && table().isEmpty() ? seenAt(heard) : this;
    }

    /** By the clock of who hears of it, where the device's own is off by so much. */
    public PartyEvent later(Duration offset) {
        return offset.isZero() ? this : seenAt(at.plus(offset));
    }

    private PartyEvent seenAt(Instant moment) {
        return new PartyEvent(
                id,
                moment,
                type,
                subject,
                ingredient,
                count,
                grams,
                priceCents,
                drop,
                stay,
                how,
                guest,
                cut,
                side,
                ml,
                what,
                pot,
                share,
                celsius,
                saltPercent,
                act,
                event,
                need);
    }

    /** What it tells of the table; nothing where it tells of shops and the kitchen, or takes something back. */
    public Optional<TableEvent> table() {
        return Optional.ofNullable(
                switch (type) {
                    case SAT_DOWN -> new TableEvent.SatDown(id, at);
                    case PUT_IN -> new TableEvent.PutIn(id, at, requireNonNull(drop), stay, cut, side);
                    case TAKEN_OUT ->
                        new TableEvent.TakenOut(
                                id, at, requireNonNull(drop), stay, requireNonNullElse(how, TableEvent.How.DONE));
                    case SKIPPED -> new TableEvent.Skipped(id, at, requireNonNull(drop));
                    case ARRIVED -> new TableEvent.Arrived(id, at, requireNonNull(guest));
                    case LEFT -> new TableEvent.Left(id, at, requireNonNull(guest));
                    case FULL -> new TableEvent.Full(id, at, requireNonNull(guest));
                    case WANTS -> new TableEvent.Wants(id, at, requireNonNull(guest), requireNonNull(cut));
                    case DECLINED -> new TableEvent.Declined(id, at, requireNonNull(guest), requireNonNull(cut));
                    case NEED_SAID -> new TableEvent.NeedSaid(id, at, requireNonNull(guest), requireNonNull(need));
                    case HANDED ->
                        new TableEvent.Handed(
                                id, at, requireNonNull(subject), requireNonNull(act), drop, requireNonNull(side));
                    case POURED ->
                        new TableEvent.Poured(id, at, requireNonNull(side), requireNonNull(ml), requireNonNull(what));
                    case HEAT_SET -> new TableEvent.HeatSet(id, at, requireNonNull(pot), requireNonNull(share));
                    case READ -> new TableEvent.Read(id, at, requireNonNull(side), celsius, ml, saltPercent);
                    case SKIMMED -> new TableEvent.CueDone(id, at, Cue.Act.SKIM, requireNonNull(side));
                    case SOUP_SERVED -> new TableEvent.CueDone(id, at, Cue.Act.SOUP, requireNonNull(side));
                    case FELL_IN -> new TableEvent.FellIn(id, at, requireNonNull(side), requireNonNull(ingredient));
                    case OUT_OF -> new TableEvent.OutOf(id, at, requireNonNull(cut));
                    case PAUSED -> new TableEvent.Paused(id, at);
                    case RESUMED -> new TableEvent.Resumed(id, at);
                    case FINISHED -> new TableEvent.Finished(id, at);
                    case CUE_DONE -> new TableEvent.CueDone(id, at, requireNonNull(act), requireNonNull(side));
                    case BOUGHT,
                            RETURNED,
                            SOLD_OUT,
                            BACK_ON_SHELF,
                            TASK_STARTED,
                            TASK_PAUSED,
                            TASK_DONE,
                            TASK_REOPENED,
                            TAKEN_BACK,
                            HEARD -> null;
                });
    }

    public static PartyEvent of(UUID id, Instant at, EventType type, String subject) {
        return new PartyEvent(
                id, at, type, subject, null, null, null, null, null, null, null, null, null, null, null, null, null,
                null, null, null, null, null, null);
    }

    /** @param celsius as read in a side [°C] */
    public static PartyEvent read(UUID id, Instant at, String side, double celsius) {
        return new PartyEvent(
                id,
                at,
                EventType.READ,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                side,
                null,
                null,
                null,
                null,
                celsius,
                null,
                null,
                null,
                null);
    }

    public static PartyEvent bought(
            UUID id, Instant at, String offer, String ingredient, int count, double grams, int priceCents) {
        return new PartyEvent(
                id,
                at,
                EventType.BOUGHT,
                offer,
                ingredient,
                count,
                grams,
                priceCents,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }
}
