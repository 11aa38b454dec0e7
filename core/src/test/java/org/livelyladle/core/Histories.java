package org.livelyladle.core;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.facts.TableEvent;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.TablePlan;
import org.livelyladle.core.table.TableState;

/** People at a table: they do what the plan says late, early, or not at all, and whatever else comes to their minds. */
final class Histories {
    private static final int MINUTE = 60;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Random random;
    private final Instant satDown;
    private final List<PartyEvent> events = new ArrayList<>();
    private boolean paused;

    Histories(Brief brief, long seed, Instant satDown) {
        this.brief = brief;
        this.catalogue = brief.extend(Catalogue.builtIn());
        this.random = new Random(seed);
        this.satDown = satDown;
        add(EventType.SAT_DOWN, satDown, event -> event);
    }

    List<PartyEvent> events() {
        return List.copyOf(events);
    }

    Random random() {
        return random;
    }

    private PartyEvent add(EventType type, Instant at, UnaryOperator<Event> say) {
        Event event = say.apply(new Event());
        PartyEvent told = new PartyEvent(
                new UUID(random.nextLong(), random.nextLong()),
                at,
                type,
                null,
                event.ingredient,
                null,
                null,
                null,
                event.drop,
                null,
                event.how,
                event.guest,
                event.cut,
                event.side,
                event.ml,
                event.what,
                event.pot,
                event.share,
                event.celsius,
                null,
                event.act,
                event.event);
        events.add(told);
        return told;
    }

    /** What is said of an event. */
    private static final class Event {
        private @Nullable String drop;
        private TableEvent.@Nullable How how;
        private @Nullable String guest;
        private @Nullable String cut;
        private @Nullable String side;
        private @Nullable String ingredient;
        private @Nullable Double ml;
        private TableState.@Nullable Liquid what;
        private @Nullable String pot;
        private @Nullable Double share;
        private @Nullable Double celsius;
        private Cue.@Nullable Act act;
        private @Nullable UUID event;
    }

    /** The minute after the plan was looked at. */
    void pass(TablePlan table, int minute) {
        Now now = table.now();
        for (Cue cue : now.cues()) {
            if (cue.at() < (minute + 1) * MINUTE && random.nextInt(5) > 0) {
                see(cue, minute);
            }
        }
        happen(table, satDown.plusSeconds(minute * MINUTE + random.nextInt(MINUTE)));
    }

    private void see(Cue cue, int minute) {
        int late = random.nextInt(4) == 0 ? random.nextInt(MINUTE) : 0;
        Instant at = satDown.plusSeconds(Math.max(cue.at(), minute * MINUTE + 1) + late);
        switch (cue.act()) {
            case PUT_IN ->
                add(EventType.PUT_IN, at, event -> {
                    event.drop = cue.drop();
                    return event;
                });
            case TAKE_OUT ->
                add(EventType.TAKEN_OUT, at, event -> {
                    event.drop = cue.drop();
                    event.how = random.nextInt(4) == 0
                            ? TableEvent.How.values()[random.nextInt(TableEvent.How.values().length)]
                            : null;
                    return event;
                });
            default ->
                add(EventType.CUE_DONE, at, event -> {
                    event.act = cue.act();
                    event.side = cue.side();
                    return event;
                });
        }
    }

    private void happen(TablePlan table, Instant at) {
        String guest = brief.guests().get(random.nextInt(brief.guests().size())).id();
        String cut = brief.menu().get(random.nextInt(brief.menu().size())).cut();
        String side = brief.sides().get(random.nextInt(brief.sides().size())).id();
        switch (random.nextInt(60)) {
            case 0 -> add(EventType.FULL, at, event -> guest(event, guest));
            case 1 -> add(EventType.LEFT, at, event -> guest(event, guest));
            case 2 -> add(EventType.ARRIVED, at, event -> guest(event, guest));
            case 3, 4, 5 ->
                add(EventType.WANTS, at, event -> {
                    event.cut = cut;
                    return guest(event, guest);
                });
            case 6 ->
                add(EventType.OUT_OF, at, event -> {
                    event.cut = cut;
                    return event;
                });
            case 7, 8 ->
                add(EventType.FELL_IN, at, event -> {
                    event.side = side;
                    event.ingredient = catalogue.cut(cut).ingredient();
                    return event;
                });
            case 9, 10 -> {
                paused = !paused;
                add(paused ? EventType.PAUSED : EventType.RESUMED, at, event -> event);
            }
            case 11, 12, 13 ->
                add(EventType.READ, at, event -> {
                    event.side = side;
                    event.celsius = 60 + random.nextDouble() * 60;
                    return event;
                });
            case 14, 15 ->
                table.drops().stream()
                        .filter(drop -> drop.putIn() > table.now().at())
                        .findFirst()
                        .ifPresent(drop -> add(EventType.SKIPPED, at, event -> {
                            event.drop = drop.id();
                            return event;
                        }));
            case 16, 17 -> {
                UUID any = events.get(random.nextInt(events.size())).id();
                if (!any.equals(events.get(0).id())) {
                    add(EventType.TAKEN_BACK, at, event -> {
                        event.event = any;
                        return event;
                    });
                }
            }
            case 18 ->
                add(EventType.POURED, at, event -> {
                    event.side = side;
                    event.ml = random.nextDouble() * 600;
                    event.what = random.nextBoolean() ? TableState.Liquid.WATER : TableState.Liquid.RESERVE;
                    return event;
                });
            case 19, 20 ->
                add(EventType.HEAT_SET, at, event -> {
                    event.pot = brief.potOf(side).id();
                    event.share = random.nextDouble();
                    return event;
                });
            default -> {}
        }
    }

    private static Event guest(Event event, String guest) {
        event.guest = guest;
        return event;
    }
}
