package org.livelyladle.server.party;

import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.facts.PartyEvent;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Briefs and events as the text that is stored. */
@Component
class BriefJson {
    private final JsonMapper mapper;

    BriefJson(JsonMapper mapper) {
        this.mapper = mapper;
    }

    Brief brief(String json) {
        return mapper.readValue(json, Brief.class);
    }

    PartyEvent event(String json) {
        return mapper.readValue(json, PartyEvent.class);
    }

    JsonMapper mapper() {
        return mapper;
    }

    String write(Object value) {
        return mapper.writeValueAsString(value);
    }
}
