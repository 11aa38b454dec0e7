package org.livelyladle.server.plan;

import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.household.HouseholdPart;

/**
 * Something the household has otherwise now, to be taken over.
 *
 * @param effect on the bill and the hours of work, in words
 * @param brief the party with it
 */
record HouseholdOffer(HouseholdPart part, @Nullable String id, String label, String effect, Brief brief) {}
