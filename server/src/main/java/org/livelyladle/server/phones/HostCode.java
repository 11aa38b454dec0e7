package org.livelyladle.server.phones;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.SignedIn;
import org.springframework.stereotype.Component;

/**
 * Six figures by which the host's next device is paired. There is a code only while the host's page shows one: for two
 * minutes, and until it was used or five others were tried.
 */
@Component
class HostCode {
    private static final Duration GOOD_FOR = Duration.ofMinutes(2);
    private static final int MOST_TRIES = 5;

    private final Clock clock;
    private @Nullable Shown shown;

    private static final class Shown {
        private final SignedIn host;
        private final CodeView view;
        private int tries;

        private Shown(SignedIn host, CodeView view) {
            this.host = host;
            this.view = view;
        }
    }

    HostCode(Clock clock) {
        this.clock = clock;
    }

    /** The code that is good now; a new one where there is none any more. */
    synchronized CodeView show(SignedIn host) {
        Shown good = good();
        if (good == null || !good.host.equals(host)) {
            good = new Shown(host, new CodeView(Secret.code(), clock.instant().plus(GOOD_FOR)));
            shown = good;
        }
        return good.view;
    }

    /** Whose device it is that knows the code; nobody's where it is another, and then this one is a try less good. */
    synchronized @Nullable SignedIn take(String code) {
        Shown good = good();
        if (good == null) {
            return null;
        }
        if (Secret.same(good.view.code(), code)) {
            shown = null;
            return good.host;
        }
        good.tries++;
        return null;
    }

    private @Nullable Shown good() {
        Instant now = clock.instant();
        boolean isGood = shown != null
                && shown.tries < MOST_TRIES
                && shown.view.expires().isAfter(now);
        return isGood ? shown : null;
    }
}
