package org.livelyladle.server.phones;

import java.time.Instant;

/** Six figures to type on the host's next device, and until when. */
record CodeView(String code, Instant expires) {}
