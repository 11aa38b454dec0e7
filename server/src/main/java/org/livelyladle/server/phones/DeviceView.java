package org.livelyladle.server.phones;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.Role;

/**
 * A paired device as the host sees it.
 *
 * @param kind phone, tablet or computer, by what it says of itself
 * @param guest whose place it has; null before one is taken
 */
record DeviceView(UUID id, Role role, String kind, @Nullable String guest, Instant since, Instant seen) {
    static DeviceView of(Device device) {
        return new DeviceView(
                device.id(), device.role(), device.kind(), device.person(), device.pairedAt(), device.seenAt());
    }
}
