package org.livelyladle.server.access;

import java.util.Optional;

/** Devices that were paired with this machine, each known by the token in its cookie. */
public interface Devices {
    /** Name of the cookie. */
    String COOKIE = "ladle-device";

    /** @param who a {@link SignedIn} host, or a {@link Paired} phone */
    record Known(Role role, Object who) {}

    /** Whose token this is; nothing where it is none, was revoked, or its time is over. */
    Optional<Known> find(String token);
}
