package org.livelyladle.core.brief;

import java.time.LocalDateTime;

/** A shop and when the host goes there (local time of the party's zone). */
public record Shop(String id, String name, LocalDateTime tripAt) {
    public Shop {
        Check.id(id, "id");
        name = Check.text(name, "name", 60);
        Check.present(tripAt, "tripAt");
    }
}
