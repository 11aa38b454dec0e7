package org.livelyladle.server.party;

import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.household.Keeper;

/** What a party could take over of its household, and the party before and after. */
public record HouseholdNews(Keeper.News news, Brief before, Brief after) {}
