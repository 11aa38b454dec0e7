package org.livelyladle.server.phones;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.Role;

/**
 * An invitation as the host sees it.
 *
 * @param guest whose it is; null for that of the table, where each takes a place
 * @param url to scan; told once, when it is made, since only its hash is kept
 * @param used a phone has come by it
 */
record InvitationView(
        UUID id,
        Role role,
        @Nullable String guest,
        @Nullable String url,
        Instant created,
        Instant expires,
        boolean used) {}
