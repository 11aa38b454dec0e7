package org.livelyladle.server.access;

/** What somebody is at this household's table. */
public enum Role {
    /** Everything. */
    HOST,
    /** Own prep tasks and cues. */
    COOK,
    /** The own place at the table. */
    GUEST;

    String authority() {
        return "ROLE_" + name();
    }
}
