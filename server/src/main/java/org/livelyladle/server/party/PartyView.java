package org.livelyladle.server.party;

import java.util.UUID;
import org.livelyladle.core.brief.Brief;

/** A party as stored: its brief and the revision an edit has to name. */
public record PartyView(UUID id, int revision, Brief brief) {
    String etag() {
        return "\"" + revision + "\"";
    }
}
