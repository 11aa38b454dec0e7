package org.livelyladle.server.party;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.household.StartingPoint;

/**
 * What a new party may begin as: one of the starting points, or a past party.
 *
 * @param brief as it would begin
 */
public record Start(@Nullable StartingPoint start, @Nullable UUID from, String label, String remark, Brief brief) {}
