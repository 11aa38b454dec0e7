package org.livelyladle.core;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.table.TablePlan;

/** An evening told event by event from sitting down on, and the table at any of its seconds. */
public final class ToldEvening {
    private static final Instant SAT_DOWN = Briefs.NOW;

    private final Brief brief;
    private final List<PartyEvent> events = new ArrayList<>();

    public ToldEvening(Brief brief) {
        this.brief = brief;
        events.add(event(EventType.SAT_DOWN, new UUID(7, 0), SAT_DOWN, Map.of()));
    }

    /** @param parts by their names */
    public static PartyEvent event(EventType type, UUID id, Instant at, Map<String, Object> parts) {
        Map<String, Object> all = new HashMap<>(parts);
        all.put("type", type);
        return Records.with(PartyEvent.of(id, at, EventType.SAT_DOWN, null), all);
    }

    public void tell(int second, EventType type, Map<String, Object> parts) {
        events.add(event(type, new UUID(7, events.size()), SAT_DOWN.plusSeconds(second), parts));
    }

    public TablePlan at(int second) {
        return Briefs.PLANNER.table(brief, Facts.fold(events), SAT_DOWN.plusSeconds(second));
    }
}
