package org.livelyladle.server.demo;

import java.time.Clock;
import java.time.LocalDate;
import org.livelyladle.server.access.LocalHost;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Loads the demo parties on the first start of a household, before anybody can ask for its parties; deleted ones do not
 * come back.
 */
@Component
@ConditionalOnProperty("ladle.demo")
class DemoLoader implements SmartInitializingSingleton {
    private final LocalHost localHost;
    private final PartyService parties;
    private final DemoBriefs briefs;
    private final DemoMarkerRepository markers;
    private final Clock clock;

    DemoLoader(
            LocalHost localHost, PartyService parties, DemoBriefs briefs, DemoMarkerRepository markers, Clock clock) {
        this.localHost = localHost;
        this.parties = parties;
        this.briefs = briefs;
        this.markers = markers;
        this.clock = clock;
    }

    @Override
    public void afterSingletonsInstantiated() {
        SignedIn host = localHost.signIn();
        if (!markers.existsById(host.household())) {
            briefs.load(LocalDate.now(clock)).forEach(brief -> parties.store(host, brief));
            markers.save(new DemoMarker(host.household(), clock.instant()));
        }
    }
}
