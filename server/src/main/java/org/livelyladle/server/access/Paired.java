package org.livelyladle.server.access;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A phone of a helper or a guest.
 *
 * @param host who invited it, for whom it acts
 * @param person the cook or guest of the party's brief whose it is; null before a place is taken
 */
public record Paired(
        UUID device,
        SignedIn host,
        Role role,
        UUID party,
        @Nullable String person) {}
