package org.livelyladle.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Somebody who signs in. */
@Entity
@Table(name = "host")
class Host {
    @Id
    private UUID id;

    @Column(name = "household_id", nullable = false)
    private UUID householdId;

    @Column(nullable = false, unique = true)
    private String login;

    @Column(nullable = false)
    private String name;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    protected Host() {}

    Host(UUID id, UUID householdId, String login, String name, Instant createdAt) {
        this.id = id;
        this.householdId = householdId;
        this.login = login;
        this.name = name;
        this.createdAt = createdAt;
    }

    SignedIn signedIn() {
        return new SignedIn(id, householdId, name);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Host host && host.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
