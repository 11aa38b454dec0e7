package org.livelyladle.server.access;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one host of this machine, made on first use. */
@Service
public class LocalHost {
    private static final String LOGIN = "local";
    private static final String NAME = "Host";

    private final HostRepository hosts;
    private final HouseholdRepository households;
    private final Clock clock;

    LocalHost(HostRepository hosts, HouseholdRepository households, Clock clock) {
        this.hosts = hosts;
        this.households = households;
        this.clock = clock;
    }

    /** Synchronized, so that the first two requests of a new machine do not make two hosts. */
    @Transactional
    public synchronized SignedIn signIn() {
        return hosts.findByLogin(LOGIN).orElseGet(this::create).signedIn();
    }

    private Host create() {
        Instant now = clock.instant();
        Household household = households.save(new Household(UUID.randomUUID(), "This household", now));
        households.flush();
        return hosts.saveAndFlush(new Host(UUID.randomUUID(), household.id(), LOGIN, NAME, now));
    }
}
