package org.livelyladle.core.brief;

/** A pair of hands in the kitchen. */
public record Cook(String id, String name) {
    public Cook {
        Check.id(id, "id");
        name = Check.text(name, "name", 40);
    }
}
