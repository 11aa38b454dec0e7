package org.livelyladle.server.access;

import java.time.Clock;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The one host of this machine, made on first use. */
@Service
public class LocalHost {
    private static final String LOGIN = "local";
    private static final String NAME = "Host";

    private final HostRepository hosts;
    private final HouseholdRepository households;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private volatile @Nullable SignedIn known;

    LocalHost(HostRepository hosts, HouseholdRepository households, Clock clock, TransactionTemplate transaction) {
        this.hosts = hosts;
        this.households = households;
        this.clock = clock;
        this.transaction = transaction;
    }

    public SignedIn signIn() {
        SignedIn host = known;
        return host == null ? first() : host;
    }

    /**
     * Synchronized around the whole transaction, its commit included, so that the first two requests of a new machine do
     * not make two hosts.
     */
    private synchronized SignedIn first() {
        SignedIn host = Objects.requireNonNull(transaction.execute(
                status -> hosts.findByLogin(LOGIN).orElseGet(this::create).signedIn()));
        known = host;
        return host;
    }

    private Host create() {
        Instant now = clock.instant();
        Household household = households.save(new Household(UUID.randomUUID(), "This household", now));
        households.flush();
        return hosts.saveAndFlush(new Host(UUID.randomUUID(), household.id(), LOGIN, NAME, now));
    }
}
