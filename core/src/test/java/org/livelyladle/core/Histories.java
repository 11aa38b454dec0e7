package org.livelyladle.core;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.NeedKind;
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
    /** Clocks of devices are off by less than this [s]. */
    private static final int APART = 60;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Random random;
    private final Instant satDown;
    private final List<PartyEvent> events = new ArrayList<>();
    /** How far the clocks of the devices are off [s]. */
    private final int[] clocks;

    private boolean paused;

    Histories(Brief brief, long seed, Instant satDown) {
        this.brief = brief;
        this.catalogue = brief.extend(Catalogue.builtIn());
        this.random = new Random(seed);
        this.satDown = satDown;
        this.clocks = new int[] {0, random.nextInt(APART), -random.nextInt(APART)};
        add(EventType.SAT_DOWN, satDown, Map.of());
    }

    List<PartyEvent> events() {
        return List.copyOf(events);
    }

    Random random() {
        return random;
    }

    private void add(EventType type, Instant at, Map<String, Object> parts) {
        UUID id = new UUID(random.nextLong(), random.nextLong());
        Instant told = type == EventType.SAT_DOWN ? at : at.plusSeconds(clocks[random.nextInt(clocks.length)]);
        events.add(ToldEvening.event(type, id, told, parts));
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
            case PUT_IN -> add(EventType.PUT_IN, at, Map.of("drop", cue.drop()));
            case TAKE_OUT -> {
                TableEvent.How how = random.nextInt(4) == 0
                        ? TableEvent.How.values()[random.nextInt(TableEvent.How.values().length)]
                        : TableEvent.How.DONE;
                add(EventType.TAKEN_OUT, at, Map.of("drop", cue.drop(), "how", how));
            }
            default -> add(EventType.CUE_DONE, at, Map.of("act", cue.act(), "side", cue.side()));
        }
    }

    private void happen(TablePlan table, Instant at) {
        String guest = brief.guests().get(random.nextInt(brief.guests().size())).id();
        String cut = brief.menu().get(random.nextInt(brief.menu().size())).cut();
        String side = brief.sides().get(random.nextInt(brief.sides().size())).id();
        switch (random.nextInt(60)) {
            case 0 -> add(EventType.FULL, at, Map.of("guest", guest));
            case 1 -> add(EventType.LEFT, at, Map.of("guest", guest));
            case 2 -> add(EventType.ARRIVED, at, Map.of("guest", guest));
            case 3, 4, 5 -> add(EventType.WANTS, at, Map.of("guest", guest, "cut", cut));
            case 6 -> add(EventType.OUT_OF, at, Map.of("cut", cut));
            case 7, 8 ->
                add(
                        EventType.FELL_IN,
                        at,
                        Map.of("side", side, "ingredient", catalogue.cut(cut).ingredient()));
            case 9, 10 -> {
                paused = !paused;
                add(paused ? EventType.PAUSED : EventType.RESUMED, at, Map.of());
            }
            case 11, 12, 13 -> add(EventType.READ, at, Map.of("side", side, "celsius", 60 + random.nextDouble() * 60));
            case 14, 15 ->
                table.drops().stream()
                        .filter(drop -> drop.putIn() > table.now().at())
                        .findFirst()
                        .ifPresent(drop -> add(EventType.SKIPPED, at, Map.of("drop", drop.id())));
            case 16, 17 -> {
                UUID any = events.get(random.nextInt(events.size())).id();
                if (!any.equals(events.get(0).id())) {
                    add(EventType.TAKEN_BACK, at, Map.of("event", any));
                }
            }
            case 18 -> {
                TableState.Liquid what = random.nextBoolean() ? TableState.Liquid.WATER : TableState.Liquid.RESERVE;
                add(EventType.POURED, at, Map.of("side", side, "ml", random.nextDouble() * 600, "what", what));
            }
            case 19, 20 ->
                add(EventType.HEAT_SET, at, Map.of("pot", brief.potOf(side).id(), "share", random.nextDouble()));
            case 21 -> add(EventType.DECLINED, at, Map.of("guest", guest, "cut", cut));
            case 22 -> {
                NeedKind[] kinds = NeedKind.values();
                add(EventType.NEED_SAID, at, Map.of("guest", guest, "need", kinds[random.nextInt(kinds.length)]));
            }
            default -> {}
        }
    }
}
