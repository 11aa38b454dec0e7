package org.livelyladle.server.household;

import org.livelyladle.core.household.Household;

/** What a household keeps, and the revision an edit has to name; 0 where nothing was kept yet. */
public record HouseholdView(int revision, Household household) {
    public String etag() {
        return "\"" + revision + "\"";
    }
}
